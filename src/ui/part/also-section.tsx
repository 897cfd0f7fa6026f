'use client';
import { Box, chakra, DataList, Text } from '@chakra-ui/react';
import { partWorking, hasPartWorking, type PartFigure } from '@/core/part-file/measured';
import { inUnitsOf } from '@/core/base/units';
import { fixed, significant } from '../format';
import { useUnits } from '../preferences';
import { PartFigureButton, usePartFacts } from './part-working';

const FIGURES: readonly (readonly [PartFigure, string])[] = [
  ['mass', 'Mass'],
  ['modulus', 'Geometric modulus'],
  ['ratio', 'Thick to thin ratio'],
  ['smallestBox', 'Smallest box in any orientation'],
];
const WIDE = 240;
const HIGH = 44;

const Histogram = chakra('figure', {
  base: {
    maxW: '28rem',
    mt: '3.5',
    '& svg': {
      width: '240px',
      height: '44px',
      color: 'fg.muted',
      borderBottom: '1px solid {colors.border.emphasized}',
    },
  },
});

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
    <Box as="section" mt="6" aria-label="Also measured">
      <DataList.Root orientation="vertical">
        {figures.map(([figure, name]) => {
          const w = partWorking(figure, facts);
          return (
            <DataList.Item key={figure}>
              <DataList.ItemLabel>{name}</DataList.ItemLabel>
              <DataList.ItemValue>
                <PartFigureButton figure={figure}>
                  {figure === 'smallestBox' && smallestBox !== null
                    ? smallestBox.sides_mm.map((x) => sizeWords(x, 'mm').replace(/ \D+$/, '')).join(' × ') +
                      (units === 'inch' ? ' in' : ' mm')
                    : sizeWords(w.value, w.unit)}
                </PartFigureButton>
              </DataList.ItemValue>
            </DataList.Item>
          );
        })}
        {whole.centroid_mm !== null && (
          <DataList.Item>
            <DataList.ItemLabel>Centre of mass, file axes</DataList.ItemLabel>
            <DataList.ItemValue>
              {whole.centroid_mm.map((x) => sizeWords(Math.abs(x) < 5e-4 ? 0 : Number(x.toFixed(3)), 'mm')).join(', ')}
            </DataList.ItemValue>
          </DataList.Item>
        )}
        {facts.alloy === null && (
          <DataList.Item>
            <DataList.ItemLabel>Mass</DataList.ItemLabel>
            <DataList.ItemValue color="fg.muted">no alloy chosen yet</DataList.ItemValue>
          </DataList.Item>
        )}
      </DataList.Root>
      {walls !== null && most > 0 && (
        <Histogram>
          <svg
            viewBox={`0 0 ${WIDE} ${HIGH}`}
            role="img"
            aria-label={`Surface by wall thickness: median ${sizeWords(walls.median_mm, 'mm', 3)}`}
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
          <Text as="figcaption" textStyle="label" color="fg.muted">
            Surface by wall thickness, 0–{sizeWords(walls.thickest_mm, 'mm', 3)}; tallest bar {fixed(most * 100, 0)} %
            of the surface, median {sizeWords(walls.median_mm, 'mm', 3)}.
          </Text>
        </Histogram>
      )}
    </Box>
  );
}
