'use client';
import type { Brief } from '@/core/brief';
import { useStudy } from '../study/study-context';
import { late, Near, useScrollToHash } from '../late';
import { BriefFormProvider } from './form-context';
import { GeometrySection } from './geometry-section';
import { PartSection } from './part-section';
import { QuantitySection } from './quantity-section';
import { Unknowns } from './unknowns';
import { useBriefFormOf } from './use-brief-form';

const BelowGeometry = late(() => import('./below-geometry').then((m) => m.BelowGeometry));

/** Everything known of the part, on one screen. What is typed is saved as it is typed; what is not known stays so. */
export function BriefView() {
  const { brief, generation } = useStudy('brief', 'generation');
  return <BriefFormScreen key={generation} start={brief} />;
}

function BriefFormScreen({ start }: { start: Brief }) {
  const form = useBriefFormOf(start);
  useScrollToHash();
  return (
    <BriefFormProvider value={form}>
      <form onSubmit={(event) => event.preventDefault()} autoComplete="off">
        <Unknowns />
        <PartSection />
        <GeometrySection />
        <QuantitySection />
        <Near height="120rem">
          <BelowGeometry />
        </Near>
      </form>
    </BriefFormProvider>
  );
}
