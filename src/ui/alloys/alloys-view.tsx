'use client';
import { Span, Text } from '@chakra-ui/react';
import { FigureButton, PageLink, Section } from '../kit';
import { useCallback, useMemo, useState } from 'react';
import { missesOf, needsOfBrief, withNeeds, type AlloyPair } from '@/core/comparison/alloys';
import type { Alloy } from '@/core/catalogue/alloys';
import { pricedAlloy } from '@/core/rates';
import type { CostCurvesClient } from '@/workers/cost-curves.client';
import type { StudyAsked } from '@/workers/cost-curves.protocol';
import { whole } from '../format';
import { useQuantity, useStudy } from '../study/study-context';
import { useAsked } from '../study/use-asked';
import { AlloyTable } from './alloy-table';
import { Compare } from './compare';
import { NeedsForm } from './needs-form';

/** How many alloys may stand side by side. */
const MOST_COMPARED = 4;

interface Wanted extends StudyAsked {
  readonly q: number;
}

const askPairs = (client: CostCurvesClient, wanted: Wanted) => client.alloys(wanted, wanted.q);

/** The brief in every alloy on every route, parted by what the part needs of its metal; up to four side by side. */
export function AlloysView() {
  const { brief, school, rates, study, alloyOf, setBrief } = useStudy(
    ...(['brief', 'school', 'rates', 'study', 'alloyOf', 'setBrief'] as const),
  );
  const { q } = useQuantity();
  const needs = useMemo(() => needsOfBrief(brief), [brief]);
  const [showAll, setShowAll] = useState(false);
  const [compared, setCompared] = useState<readonly string[]>(() => brief.candidates.slice(0, MOST_COMPARED));
  const wanted = useMemo<Wanted>(() => ({ brief, school, rates, q }), [brief, school, rates, q]);
  const { answer, busy, error } = useAsked(wanted, askPairs);
  const found = useMemo(() => new Map(answer?.alloys.map((a) => [a.id, a])), [answer]);
  const rows = useMemo(
    () =>
      (answer?.pairs ?? []).flatMap((pair) => {
        const alloy = found.get(pair.alloyId);
        return alloy === undefined ? [] : [{ pair, alloy, misses: missesOf(alloy, needs) }];
      }),
    [answer, found, needs],
  );
  // Those side by side from the brief stand before the answer has come.
  const beside = useMemo(
    () =>
      compared.flatMap((alloyId): Alloy | readonly Alloy[] => {
        const listed = found.get(alloyId) ?? alloyOf(alloyId);
        return listed === undefined ? [] : pricedAlloy(listed, study.rates);
      }),
    [compared, found, alloyOf, study.rates],
  );
  const own = rows.find((r) => r.pair.alloyId === brief.alloy);
  const meeting = rows.filter((r) => r.misses.length === 0);
  const toggle = useCallback(
    (alloyId: string) =>
      setCompared((list) =>
        list.includes(alloyId)
          ? list.filter((x) => x !== alloyId)
          : list.length < MOST_COMPARED
            ? [...list, alloyId]
            : list,
      ),
    [],
  );
  const lacking = study.missing.filter((path) => path !== 'alloy');
  if (lacking.length > 0)
    return <Text mt="6">Alloys are compared once the brief has what the board needs of the shape.</Text>;
  const pairOf = (alloyId: string): AlloyPair | undefined => rows.find((r) => r.pair.alloyId === alloyId)?.pair;
  const poured = meeting.filter((r) => r.pair.leader !== null).length;
  return (
    <>
      <Section title="What the part needs of its metal" under="needs of the brief; a change is saved there">
        <NeedsForm needs={needs} onChange={(next) => setBrief(withNeeds(brief, next))} />
        {own !== undefined && (
          <Text textStyle="label" data-testid="own-alloy" mt="2.5">
            {own.misses.length === 0
              ? `${own.alloy.name}, the alloy of the brief, meets them all.`
              : `${own.alloy.name}, the alloy of the brief, does not meet them: ${own.misses.map((m) => m.words).join(', ')}.`}
          </Text>
        )}
      </Section>
      <Compare alloys={beside} pairOf={pairOf} q={answer?.q ?? q} onDrop={toggle} />
      <Section
        title={
          <>
            Alloys and routes{' '}
            <Span color="fg.muted" role="status">
              {error !== null
                ? `Not calculated: ${error}`
                : busy || answer === null
                  ? 'Calculating …'
                  : `at ${whole(answer.q)} pieces: ${meeting.length} of ${rows.length} alloys meet the needs, ${poured} of them can be poured`}
            </Span>
            <FigureButton textStyle="label" aria-pressed={showAll} onClick={() => setShowAll((x) => !x)}>
              {showAll ? 'Show only those that meet the needs' : 'Show also those that miss one'}
            </FigureButton>
          </>
        }
        aria-busy={busy}
      >
        {answer !== null && (
          <AlloyTable
            rows={showAll ? rows : meeting}
            needs={needs}
            q={answer.q}
            compared={compared}
            full={compared.length >= MOST_COMPARED}
            onToggle={toggle}
          />
        )}
        {answer !== null && !showAll && meeting.length === 0 && (
          <Text>No alloy of the table meets all of these needs.</Text>
        )}
        <Text textStyle="label" mt="2">
          An alloy that is missing, or the price of a metal, is entered under <PageLink href="/alloys">Alloys</PageLink>
          .
        </Text>
      </Section>
    </>
  );
}
