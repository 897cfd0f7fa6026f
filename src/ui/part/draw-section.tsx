'use client';
import { Button, Field, Input, Span, Table, Text } from '@chakra-ui/react';
import { FigureButton, Section } from '../kit';
import { useState } from 'react';
import { direction, type Vec } from '@/core/part-file/geometry';
import { cutExplanation } from '@/core/part-file/measured';
import { inUnitsOf } from '@/core/base/units';
import type { BodyFound, DrawFound } from '@/workers/part.protocol';
import { fixed, significant } from '../format';
import { useUnits } from '../preferences';
import { PartFigureButton } from './part-working';
import { DRAW_WORDS } from './words';

const words = (d: Vec): string => d.map((x) => fixed(x === 0 ? 0 : x, 2)).join(', ');
const same = (a: Vec, b: Vec): boolean => Math.abs(a[0] * b[0] + a[1] * b[1] + a[2] * b[2]) > 1 - 1e-6;
const SHOWN = 7;

/** The way the mould opens: the draws that were tried with their scores, and one typed by hand. */
export function DrawSection({
  draw,
  body,
  busy,
  onTurn,
}: {
  readonly draw: DrawFound;
  readonly body: BodyFound | null;
  readonly busy: boolean;
  readonly onTurn: (d: Vec) => void;
}) {
  const [units] = useUnits();
  const [text, setText] = useState('');
  const [bad, setBad] = useState<string | null>(null);
  const area = (mm2: number): string => {
    const shown = inUnitsOf(mm2 / 100, 'cm²', units) ?? { value: mm2 / 100, unit: 'cm²' };
    return `${significant(shown.value, 3)} ${shown.unit}`;
  };
  const tried = body?.draws.slice(0, SHOWN) ?? [];
  const u = draw.undercut;
  return (
    <Section
      title="The draw"
      under={
        <>
          along {words(draw.direction)}:{' '}
          {u === null ? (
            'undercuts not known of an open surface'
          ) : u.area_mm2 === 0 ? (
            'nothing is trapped'
          ) : (
            <>
              <PartFigureButton figure="trapped">{area(u.area_mm2)}</PartFigureButton> trapped,{' '}
              <PartFigureButton figure="undercuts">{`${u.slides} ${u.slides === 1 ? 'slide' : 'slides'}`}</PartFigureButton>
              ,{' '}
              <PartFigureButton figure="passages">
                {`${u.cores + u.closedVoids} ${u.cores + u.closedVoids === 1 ? 'core' : 'cores'}`}
              </PartFigureButton>
            </>
          )}
        </>
      }
    >
      <Text textStyle="label" color="fg.muted" data-testid="draft-note">
        {area(draw.under1deg_mm2)} has less than 1° of draft, {area(draw.noDraft_mm2)} none.
      </Text>
      <Table.ScrollArea>
        <Table.Root size="sm" aria-label="Draws tried">
          <Table.Header>
            <Table.Row>
              <Table.ColumnHeader>Direction</Table.ColumnHeader>
              <Table.ColumnHeader>Source</Table.ColumnHeader>
              <Table.ColumnHeader className="num">Trapped</Table.ColumnHeader>
              <Table.ColumnHeader className="num">Slides</Table.ColumnHeader>
              <Table.ColumnHeader className="num">Cores</Table.ColumnHeader>
              <Table.ColumnHeader />
            </Table.Row>
          </Table.Header>
          <Table.Body>
            {tried.map((t) => (
              <Table.Row key={words(t.direction)} aria-current={same(t.direction, draw.direction) ? 'true' : undefined}>
                <Table.Cell className="num">{words(t.direction)}</Table.Cell>
                <Table.Cell textStyle="label">{DRAW_WORDS[t.from]}</Table.Cell>
                <Table.Cell className="num">
                  {t.slides === null && <Span color="fg.muted">about </Span>}
                  {area(t.undercut_mm2)}
                </Table.Cell>
                <Table.Cell className="num">{t.slides ?? '–'}</Table.Cell>
                <Table.Cell className="num">{t.cores === null ? '–' : t.cores + (t.closedVoids ?? 0)}</Table.Cell>
                <Table.Cell>
                  {same(t.direction, draw.direction) ? (
                    <Span textStyle="label" color="fg.muted">
                      current
                    </Span>
                  ) : (
                    <FigureButton
                      textStyle="label"
                      disabled={busy}
                      aria-label={`Open along ${words(t.direction)}`}
                      onClick={() => onTurn(t.direction)}
                    >
                      Open this way
                    </FigureButton>
                  )}
                </Table.Cell>
              </Table.Row>
            ))}
          </Table.Body>
        </Table.Root>
      </Table.ScrollArea>
      <form
        onSubmit={(e) => {
          e.preventDefault();
          try {
            const d = direction(
              'draw',
              text
                .split(/[\s,;]+/)
                .filter(Boolean)
                .map(Number),
            );
            setBad(null);
            onTurn(d);
          } catch {
            setBad(`Direction “${text}”: three numbers that are not all 0 are wanted, as 0, 0, 1.`);
          }
        }}
      >
        <Field.Root
          invalid={bad !== null}
          display="inline-flex"
          width="auto"
          alignItems="baseline"
          gap="2"
          mt="2"
          me="2"
        >
          <Field.Label>Another direction</Field.Label>
          <Input
            variant="flushed"
            textAlign="end"
            width="30"
            placeholder="x, y, z"
            value={text}
            onChange={(e) => setText(e.target.value)}
          />
        </Field.Root>
        <Button type="submit" size="xs" disabled={busy || text.trim() === ''}>
          Open this way
        </Button>
        {bad !== null && (
          <Text color="alarm" textStyle="label" role="alert">
            {bad}
          </Text>
        )}
      </form>
      <Text textStyle="label" color="fg.muted">
        {(body?.cuts.length ?? 0) > 0 && <>{body?.cuts.map(cutExplanation).join('; ')}. </>}
        {u !== null && u.specks.count > 0 && (
          <>
            {u.specks.count} {u.specks.count === 1 ? 'speck' : 'specks'} of {area(u.specks.area_mm2)} in all{' '}
            {u.specks.count === 1 ? 'is' : 'are'} too small to need a slide.{' '}
          </>
        )}
        The best of those tried, not a proof. The coloured line is the parting line; it may be moved along walls without
        draft.
      </Text>
    </Section>
  );
}
