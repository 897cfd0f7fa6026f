'use client';
import { Section } from '../kit';
import { Span } from '@chakra-ui/react';
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
    return <p className="section">What the requirements cost is told once the brief has what the board needs.</p>;
  return (
    <>
      <SideBySide />
      <Section
        title="What each requirement costs"
        under={
          <>
            {error !== null
              ? `Not worked out: ${error}`
              : busy
                ? 'Working it out …'
                : `at ${whole(q)} pieces: the brief as it stands against the brief without it`}
          </>
        }
        aria-busy={busy}
      >
        {costs !== null && costs.length === 0 && <p>The brief asks for nothing that could be given up.</p>}
        {costs !== null && costs.length > 0 && <CostTable costs={costs} onOpen={setOpenId} />}
      </Section>
      <Sheet open={page !== null} onClose={() => setOpenId(null)} testId="effect">
        {page}
      </Sheet>
    </>
  );
}
