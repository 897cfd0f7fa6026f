'use client';
import { chakra } from '@chakra-ui/react';
import { partWorking, hasPartWorking, type PartFigure } from '@/core/part-file/measured';
import { inUnitsOf } from '@/core/base/units';
import { fixed, significant } from '../format';
import { useUnits } from '../preferences';
import { PartFigureButton, usePartFacts } from './part-working';

const FIGURES: readonly (readonly [PartFigure, string])[] = [
  ['mass', 'Mass'],
  ['modulus', 'Geometric modulus'],
  ['ratio', 'Thick to thin'],
  ['smallestBox', 'Smallest box, turned any way'],
];
const WIDE = 240;
const HIGH = 44;

/** What else the part measures: mass, modulus, centre, smallest box, and how its surface is spread over walls. */
export function AlsoSection() {
  const facts = usePartFacts();
  const [units] = useUnits();
  if (facts === null) return null;
  const sizeWords = (value: number, unit: string, digits = 4): string => {
    const shown = inUnitsOf(value, unit, units) ?? { value, unit };
    return `${significant(shown.value, digits)} ${shown.unit === '–' ? '' : shown.unit}`;
  };
  const { whole, walls, smallestBox } = facts.body;
  const figures = FIGURES.filter(([figure]) => hasPartWorking(figure, facts));
  const most = Math.max(...(walls?.shares ?? [0]));
  return (
    <section className="section also" aria-label="Also measured">
      <dl>
        {figures.map(([figure, name]) => {
          const w = partWorking(figure, facts);
          return (
            <div key={figure}>
              <dt>{name}</dt>
              <dd className="num">
                <PartFigureButton figure={figure}>
                  {figure === 'smallestBox' && smallestBox !== null
                    ? smallestBox.sides_mm.map((x) => sizeWords(x, 'mm').replace(/ \D+$/, '')).join(' × ') +
                      (units === 'inch' ? ' in' : ' mm')
                    : sizeWords(w.value, w.unit)}
                </PartFigureButton>
              </dd>
            </div>
          );
        })}
        {whole.centroid_mm !== null && (
          <div>
            <dt>Centre of mass, in the axes of the file</dt>
            <dd className="num">
              {whole.centroid_mm.map((x) => sizeWords(Math.abs(x) < 5e-4 ? 0 : Number(x.toFixed(3)), 'mm')).join(', ')}
            </dd>
          </div>
        )}
        {facts.alloy === null && (
          <div>
            <dt>Mass</dt>
            <chakra.dd color="fg.muted">no alloy is chosen yet</chakra.dd>
          </div>
        )}
      </dl>
      {walls !== null && most > 0 && (
        <figure className="wall-spread">
          <svg
            viewBox={`0 0 ${WIDE} ${HIGH}`}
            role="img"
            aria-label={`Surface by wall: half is no thicker than ${sizeWords(walls.median_mm, 'mm', 3)}`}
          >
            {walls.shares.map((share, i) => (
              <rect
                key={i}
                x={(i * WIDE) / walls.shares.length + 0.5}
                width={WIDE / walls.shares.length - 1}
                y={HIGH - (share / most) * (HIGH - 2)}
                height={(share / most) * (HIGH - 2)}
                fill="currentColor"
              />
            ))}
          </svg>
          <figcaption className="small quiet">
            Surface by wall, by ray: from 0 to {sizeWords(walls.thickest_mm, 'mm', 3)}; the tallest bar is{' '}
            {fixed(most * 100, 0)} % of the surface, half of it is no thicker than {sizeWords(walls.median_mm, 'mm', 3)}
            .
          </figcaption>
        </figure>
      )}
    </section>
  );
}
