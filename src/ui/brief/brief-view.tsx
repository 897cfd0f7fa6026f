'use client';
import type { Brief } from '@/core/brief';
import { Section } from '../kit';
import { useStudy } from '../study/study-context';
import { DrawingSection } from './drawing-section';
import { FeaturesTable } from './features-table';
import { BriefFormProvider } from './form-context';
import { GeometrySection } from './geometry-section';
import { HolesTable } from './holes-table';
import { NeedsSection } from './needs-section';
import { PartSection } from './part-section';
import { QuantitySection } from './quantity-section';
import { TodaySection } from './today-section';
import { Unknowns } from './unknowns';
import { useBriefFormOf } from './use-brief-form';

/** Everything known of the part, on one screen. What is typed is saved as it is typed; what is not known stays so. */
export function BriefView() {
  const { brief, generation } = useStudy('brief', 'generation');
  return <BriefFormScreen key={generation} start={brief} />;
}

function BriefFormScreen({ start }: { start: Brief }) {
  const form = useBriefFormOf(start);
  return (
    <BriefFormProvider value={form}>
      <form onSubmit={(event) => event.preventDefault()} autoComplete="off">
        <Unknowns />
        <PartSection />
        <GeometrySection />
        <QuantitySection />
        <Section title="Toleranced dimensions" id="field-features">
          <FeaturesTable />
        </Section>
        <Section title="Holes" id="field-holes">
          <HolesTable />
        </Section>
        <NeedsSection />
        <TodaySection />
        <DrawingSection />
      </form>
    </BriefFormProvider>
  );
}
