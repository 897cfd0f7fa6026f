'use client';
import { Section } from '../kit';
import { DrawingSection } from './drawing-section';
import { FeaturesTable } from './features-table';
import { HolesTable } from './holes-table';
import { MakingSection } from './making-section';
import { NeedsSection } from './needs-section';
import { TodaySection } from './today-section';

/** What the brief asks below shape and quantity: tolerances, holes, needs, how it is made today, details of the drawing. */
export function BelowGeometry() {
  return (
    <>
      <Section title="Toleranced dimensions" id="field-features">
        <FeaturesTable />
      </Section>
      <Section title="Holes" id="field-holes">
        <HolesTable />
      </Section>
      <NeedsSection />
      <MakingSection />
      <TodaySection />
      <DrawingSection />
    </>
  );
}
