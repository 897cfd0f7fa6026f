'use client';
import { Button, Flex, Grid, List, Table, Text } from '@chakra-ui/react';
import { useMemo } from 'react';
import { boardAt } from '@/core/comparison/board';
import { requirementsOf, withoutAll } from '@/core/comparison/requirements';
import { keptTyping } from '../brief/typing';
import { whole } from '../format';
import { Banner, Choice, Section, TextButton } from '../kit';
import { useQuantity, useStudy } from '../study/study-context';
import type { StudyAt } from '../working/figure-at';
import { WhatIfColumn } from './what-if-column';
import { useWhatIfs, type WhatIf } from './what-ifs';
import { textInUnits } from '../text-in-units';
import { useUnits } from '../preferences';

/** The brief beside up to three what-ifs, at the quantity on the rail. */
export function SideBySide() {
  const { list, before, takeBack } = useWhatIfs();
  const { study } = useStudy('study');
  const { board } = useQuantity();
  return (
    <>
      {before !== null && (
        <Banner
          actions={
            <Button size="xs" onClick={takeBack}>
              Undo
            </Button>
          }
        >
          The what-if is now the brief. The brief before it is kept as an earlier revision.
        </Banner>
      )}
      {list.length > 0 && (
        <Section
          title="What-ifs"
          under={`at ${whole(board.q)} pieces; nothing here is saved until adopted`}
          data-testid="what-ifs"
        >
          <Table.ScrollArea>
            <Grid templateColumns={`repeat(${list.length + 1}, minmax(260px, 320px))`} columnGap="7">
              <WhatIfColumn
                title="Brief"
                board={board}
                against={null}
                studyAt={undefined}
                code={study.rates.currency.code}
              >
                <Text textStyle="label" color="fg.muted">
                  {requirementsOf(study.brief).length} requirements
                </Text>
              </WhatIfColumn>
              {list.map((ids, i) => (
                <OneWhatIf key={ids.join()} ids={ids} at={i} />
              ))}
            </Grid>
          </Table.ScrollArea>
        </Section>
      )}
    </>
  );
}

function OneWhatIf({ ids, at }: { readonly ids: WhatIf; readonly at: number }) {
  const { id, brief, school, study, prepare, orderDate } = useStudy(
    ...(['id', 'brief', 'school', 'study', 'prepare', 'orderDate'] as const),
  );
  const [units] = useUnits();
  const { q, board } = useQuantity();
  const { change, drop, adopt } = useWhatIfs();
  const all = useMemo(() => requirementsOf(brief), [brief]);
  const name = `What-if ${'ABC'[at] ?? ''}`;
  const relaxed = useMemo(
    () => prepare(withoutAll(brief, ids), school, study.rates),
    [brief, ids, school, study.rates, prepare],
  );
  const theirs = useMemo(() => boardAt(relaxed, q, orderDate), [relaxed, q, orderDate]);
  const studyAt = useMemo<StudyAt>(() => ({ study: relaxed, q, words: name }), [relaxed, q, name]);
  const unread = keptTyping(id) !== null;
  return (
    <WhatIfColumn title={name} board={theirs} against={board} studyAt={studyAt} code={study.rates.currency.code}>
      <List.Root listStyleType="none" textStyle="label" mt="2" mb="1" aria-label={`Left out in ${name}`}>
        {all
          .filter((r) => ids.includes(r.id))
          .map((r) => (
            <List.Item key={r.id}>
              without {textInUnits(r.name, units)}{' '}
              <TextButton
                size="xs"
                color="fg.muted"
                aria-label={`Put ${r.name} back in ${name}`}
                onClick={() =>
                  change(
                    at,
                    ids.filter((x) => x !== r.id),
                  )
                }
              >
                put back
              </TextButton>
            </List.Item>
          ))}
      </List.Root>
      <Choice
        variant="plain"
        size="xs"
        aria-label={`Leave out more in ${name}`}
        empty="leave out more …"
        options={all.filter((r) => !ids.includes(r.id)).map((r) => [r.id, r.name])}
        value=""
        onChange={(e) => e.target.value !== '' && change(at, [...ids, e.target.value])}
      />
      <Flex gap="2" mt="2">
        <Button size="xs" variant="solid" onClick={() => adopt(at)} disabled={unread} aria-label={`Adopt ${name}`}>
          Adopt
        </Button>
        <Button size="xs" onClick={() => drop(at)} aria-label={`Remove ${name}`}>
          Remove
        </Button>
      </Flex>
      {unread && (
        <Text textStyle="label" color="alarm">
          The brief holds a figure that cannot be read. Correct it first; then this can be adopted.
        </Text>
      )}
    </WhatIfColumn>
  );
}
