'use client';
import { Section } from '../kit';
import { Text } from '@chakra-ui/react';
import { useMemo, useState } from 'react';
import type { StudyAsked } from '@/workers/cost-curves.protocol';
import type { CostCurvesClient } from '@/workers/cost-curves.client';
import { whole } from '../format';
import { Sheet } from '../shell/sheet';
import { useQuantity, useStudy } from '../study/study-context';
import { useAsked } from '../study/use-asked';
import { CostTable } from './cost-table';
import { EffectPage } from './effect-page';
import { SideBySide } from './side-by-side';

interface Wanted extends StudyAsked {
  readonly q: number;
  readonly orderDate: string;
}

const askCosts = (client: CostCurvesClient, wanted: Wanted) => client.requirements(wanted, wanted.q, wanted.orderDate);

/** What every requirement of the brief costs, dearest first, and up to three briefs without some of them. */
export function RequirementsView() {
  const { brief, school, rates, orderDate, study } = useStudy('brief', 'school', 'rates', 'orderDate', 'study');
  const rail = useQuantity().q;
  const wanted = useMemo<Wanted>(
    () => ({ brief, school, rates, q: rail, orderDate }),
    [brief, school, rates, rail, orderDate],
  );
  const { answer, busy, error } = useAsked(wanted, askCosts);
  const costs = answer?.costs ?? null;
  const q = answer?.q ?? rail;
  const [openId, setOpenId] = useState<string | null>(null);
  const opened = costs?.find((c) => c.requirement.id === openId);
  const page = useMemo(() => (opened === undefined ? null : <EffectPage cost={opened} q={q} />), [opened, q]);
  if (study.missing.length > 0)
    return <Text mt="6">The cost of the requirements appears once the brief has what the board needs.</Text>;
  return (
    <>
      <SideBySide />
      <Section
        title="Cost of each requirement"
        under={
          <>
            {error !== null
              ? `Not calculated: ${error}`
              : busy
                ? 'Calculating …'
                : `at ${whole(q)} pieces: the brief compared with the brief without it`}
          </>
        }
        aria-busy={busy}
      >
        {costs !== null && costs.length === 0 && <Text>The brief has no requirement that could be left out.</Text>}
        {costs !== null && costs.length > 0 && <CostTable costs={costs} onOpen={setOpenId} />}
      </Section>
      <Sheet open={page !== null} onClose={() => setOpenId(null)} testId="effect">
        {page}
      </Sheet>
    </>
  );
}
