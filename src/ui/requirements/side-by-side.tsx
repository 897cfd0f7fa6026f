'use client';
import { INK } from '../theme/ink';
import { FigureButton, Section, TextButton, Unit } from '../kit';
import { Button, Heading, Span, Table, Text } from '@chakra-ui/react';
import { useMemo, type ReactNode } from 'react';
import { boardAt, type Board } from '@/core/comparison/board';
import { prepareStudy } from '@/core/study';
import { requirementsOf, withoutAll } from '@/core/comparison/requirements';
import { laneWords, ROUTES } from '@/core/catalogue/routes';
import { keptTyping } from '../brief/typing';
import { perPart, signed, weeks, whole } from '../format';
import { Emblem } from '../marks/emblem';
import { useQuantity, useStudy } from '../study/study-context';
import { useSheets } from '../working/sheets';
import { type StudyAt } from '../working/figure-at';
import { useWhatIfs, type WhatIf } from './what-ifs';

/** The brief as it stands beside up to three what-ifs, at the quantity on the rail. */
export function SideBySide() {
  const { list, before, takeBack } = useWhatIfs();
  const { study } = useStudy('study');
  const { board } = useQuantity();
  return (
    <>
      {before !== null && (
        <div className="banner" role="status">
          <span>The what-if is now the brief. The brief before it stays as an earlier revision.</span>
          <Button size="xs" variant="outline" onClick={takeBack}>
            Take it back
          </Button>
        </div>
      )}
      {list.length > 0 && (
        <Section
          title="Beside the brief"
          under={<>at {whole(board.q)} pieces; nothing here is saved until adopted</>}
          data-testid="what-ifs"
        >
          <Table.ScrollArea>
            <div className="beside" style={{ gridTemplateColumns: `repeat(${list.length + 1}, minmax(260px, 320px))` }}>
              <Column
                title="The brief as it stands"
                board={board}
                against={null}
                studyAt={undefined}
                code={study.rates.currency.code}
              >
                <Text textStyle="label" color="fg.muted">
                  {requirementsOf(study.brief).length} requirements
                </Text>
              </Column>
              {list.map((ids, i) => (
                <WhatIfColumn key={ids.join()} ids={ids} at={i} />
              ))}
            </div>
          </Table.ScrollArea>
        </Section>
      )}
    </>
  );
}

function WhatIfColumn({ ids, at }: { readonly ids: WhatIf; readonly at: number }) {
  const { id, brief, school, study, orderDate } = useStudy('id', 'brief', 'school', 'study', 'orderDate');
  const { q, board } = useQuantity();
  const { change, drop, adopt } = useWhatIfs();
  const all = useMemo(() => requirementsOf(brief), [brief]);
  const name = `What-if ${'ABC'[at] ?? ''}`;
  const relaxed = useMemo(
    () => prepareStudy(withoutAll(brief, ids), school, study.rates),
    [brief, ids, school, study.rates],
  );
  const theirs = useMemo(() => boardAt(relaxed, q, orderDate), [relaxed, q, orderDate]);
  const studyAt = useMemo<StudyAt>(() => ({ study: relaxed, q, words: name }), [relaxed, q, name]);
  const unread = keptTyping(id) !== null;
  return (
    <Column title={name} board={theirs} against={board} studyAt={studyAt} code={study.rates.currency.code}>
      <ul className="given-up" aria-label={`Given up in ${name}`}>
        {all
          .filter((r) => ids.includes(r.id))
          .map((r) => (
            <li key={r.id}>
              without {r.name}{' '}
              <TextButton
                size="sm"
                color="fg.muted"
                aria-label={`Ask for ${r.name} again in ${name}`}
                onClick={() =>
                  change(
                    at,
                    ids.filter((x) => x !== r.id),
                  )
                }
              >
                ask again
              </TextButton>
            </li>
          ))}
      </ul>
      <select
        className="plain-select small"
        aria-label={`Give up more in ${name}`}
        value=""
        onChange={(e) => e.target.value !== '' && change(at, [...ids, e.target.value])}
      >
        <option value="">give up more …</option>
        {all
          .filter((r) => !ids.includes(r.id))
          .map((r) => (
            <option key={r.id} value={r.id}>
              {r.name}
            </option>
          ))}
      </select>
      <div style={{ display: 'flex', gap: 8, marginTop: 8 }}>
        <Button size="xs" variant="solid" onClick={() => adopt(at)} disabled={unread} aria-label={`Adopt ${name}`}>
          Adopt
        </Button>
        <Button size="xs" variant="outline" onClick={() => drop(at)} aria-label={`Drop ${name}`}>
          Drop
        </Button>
      </div>
      {unread && (
        <Text textStyle="label" style={{ color: INK.alarm }}>
          The brief holds a figure that cannot be read. Fix it first; then this can be adopted.
        </Text>
      )}
    </Column>
  );
}

/** The few figures a what-if is judged by, each with its working. */
function Column({
  title,
  board,
  against,
  studyAt,
  code,
  children,
}: {
  readonly title: string;
  readonly board: Board;
  readonly against: Board | null;
  readonly studyAt: StudyAt | undefined;
  readonly code: string;
  readonly children: ReactNode;
}) {
  const { openWorking } = useSheets();
  const lane = board.lanes.find((l) => l.id === board.leader);
  const base = against?.lanes.find((l) => l.id === against.leader);
  const survivors = new Set(
    board.lanes.filter((l) => l.status !== 'blocked' && l.money !== null).map((l) => l.routeId),
  );
  const line = (label: string, figure: string, text: string, unit: string, gap: string | null) => (
    <>
      <dt>{label}</dt>
      <dd>
        <FigureButton onClick={() => lane && openWorking({ laneId: lane.id, figure }, studyAt)}>{text}</FigureButton>
        <Unit>{unit}</Unit>
      </dd>
      <dd className="gap">{gap}</dd>
    </>
  );
  const gap = (mine: number | undefined, theirs: number | undefined, digits: number): string | null =>
    mine === undefined || theirs === undefined
      ? null
      : Math.abs(mine - theirs) < 0.5 * 10 ** -digits
        ? 'same'
        : signed(mine - theirs, digits);
  const { money, dates } = lane ?? { money: null, dates: null };
  return (
    <div className="beside-column" role="group" aria-label={title}>
      <Heading as="h3" mt="2.5">
        {title}
      </Heading>
      {lane === undefined || money === null || dates === null ? (
        <p>No route survives.</p>
      ) : (
        <dl>
          <dt>Leads</dt>
          <dd>
            <Emblem laneId={lane.id} /> {laneWords(lane.id).route}{' '}
            <Span color="fg.muted" textStyle="label">
              {laneWords(lane.id).variant}
            </Span>
          </dd>
          <dd className="gap">{base !== undefined && base.id !== lane.id ? 'changes' : ''}</dd>
          {line('All in', 'allIn', perPart(money.allIn), `${code} a part`, gap(money.allIn, base?.money?.allIn, 2))}
          {line('Programme', 'total', whole(money.total), code, gap(money.total, base?.money?.total, 0))}
          {line('Tooling', 'tooling', whole(money.tooling), code, gap(money.tooling, base?.money?.tooling, 0))}
          {line(
            'First article',
            'firstArticle',
            weeks(dates.firstArticle_d),
            'weeks',
            gap(dates.firstArticle_d / 7, base?.dates == null ? undefined : base.dates.firstArticle_d / 7, 1),
          )}
          {line(
            'Last part',
            'lastPart',
            weeks(dates.lastPart_d),
            'weeks',
            gap(dates.lastPart_d / 7, base?.dates == null ? undefined : base.dates.lastPart_d / 7, 1),
          )}
          <dt>Survive</dt>
          <dd>
            {survivors.size} of {ROUTES.length} routes
          </dd>
          <dd className="gap" />
        </dl>
      )}
      {children}
    </div>
  );
}
