'use client';
import { SimpleGrid } from '@chakra-ui/react';
import { FigureButton, Section } from '../kit';
import type { Vec } from '@/core/part-file/geometry';
import { inUnitsOf, type UnitSystem } from '@/core/base/units';
import type { BodyFound, DrawFound } from '@/workers/part.protocol';
import { significant } from '../format';
import { useUnits } from '../preferences';
import { RELEASE_WORDS } from './words';

/** A place on the part that matters, with a number to find it by. */
export interface PartPlace {
  readonly id: string;
  readonly kind: 'undercut' | 'heavy' | 'round';
  readonly label: string;
  readonly at: Vec;
  /** What it is, in words, in the units of the screen. */
  readonly words: (units: UnitSystem) => string;
}

const sizeWords = (x: number, unit: string, units: UnitSystem): string => {
  const shown = inUnitsOf(x, unit, units) ?? { value: x, unit };
  return `${significant(shown.value, 3)} ${shown.unit}`;
};

/** Undercuts first, then heavy places, then holes and bosses: each with an id that a link can name. */
export function placesOf(body: BodyFound | null, draw: DrawFound | null): PartPlace[] {
  const regions = draw?.undercut?.regions ?? [];
  const heavy = (body?.heavy ?? []).slice(0, 6);
  return [
    ...regions.slice(0, 30).map((r, i): PartPlace => ({
      id: `undercut.${i + 1}`,
      kind: 'undercut',
      label: `U${i + 1}`,
      at: r.centre_mm,
      words: (units) => `${sizeWords(r.area_mm2 / 100, 'cm²', units)} trapped; released by ${RELEASE_WORDS[r.release]}`,
    })),
    ...heavy.map((h, i): PartPlace => ({
      id: `heavy.${i + 1}`,
      kind: 'heavy',
      label: `H${i + 1}`,
      at: h.centre_mm,
      words: (units) =>
        `a sphere of ${sizeWords(h.diameter_mm, 'mm', units)} fits; local modulus ${sizeWords(h.localModulus_mm, 'mm', units)}; ${h.isolated ? 'surrounded by thinner metal: isolated hot spot' : h.along_mm !== null ? `equally thick over ${sizeWords(h.along_mm, 'mm', units)}` : 'next to equally thick metal'}`,
    })),
    ...(body?.rounds ?? []).slice(0, 60).map((r, i): PartPlace => ({
      id: `round.${i + 1}`,
      kind: 'round',
      label: `R${i + 1}`,
      at: r.centre_mm,
      words: (units) =>
        `${r.kind} ⌀ ${sizeWords(r.diameter_mm, 'mm', units)}, ${sizeWords(r.depth_mm, 'mm', units)} ${r.kind === 'hole' ? `deep, ${r.through ? 'through' : 'blind'}${r.steps > 1 ? `, in ${r.steps} steps` : ''}` : 'long'}`,
    })),
  ];
}

const GROUPS = [
  ['undercut', 'Undercuts', 'trapped by a straight draw, and what releases each'],
  ['heavy', 'Heavy places', 'freeze last; an estimate'],
  ['round', 'Holes and bosses', 'full cylinders; slots and blended walls are not recognised'],
] as const;

/** Places that matter, each a press away from being seen. */
export function PlacesSection({
  places,
  chosen,
  onShow,
}: {
  readonly places: readonly PartPlace[];
  readonly chosen: string | null;
  readonly onShow: (id: string) => void;
}) {
  const [units] = useUnits();
  return (
    <SimpleGrid as="section" minChildWidth="290px" columnGap="7" aria-label="Places on the part">
      {GROUPS.map(([kind, name, what]) => {
        const list = places.filter((p) => p.kind === kind);
        return (
          <Section key={kind} title={name} under={list.length === 0 ? 'none found' : what}>
            <ul style={{ listStyle: 'none' }}>
              {list.map((p) => (
                <li key={p.id} data-place={p.id}>
                  <FigureButton
                    aria-pressed={chosen === p.id}
                    aria-label={`Show ${p.label} on the part`}
                    onClick={() => onShow(p.id)}
                  >
                    {p.label}
                  </FigureButton>{' '}
                  {p.words(units)}
                </li>
              ))}
            </ul>
          </Section>
        );
      })}
    </SimpleGrid>
  );
}
