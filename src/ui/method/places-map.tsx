'use client';
import { Box, chakra } from '@chakra-ui/react';
import type { MethodPlace } from '@/core/method';

const CELL = 34;
const MOST_ACROSS = 12;
/** A place by its risk: full, ruled, or crossed; the tone only says it again. */
const TONES = { low: 'fg', raised: 'fg.muted', misrun: 'alarm' } as const;
const WORDS = { low: 'fills', raised: 'just fills', misrun: 'lies too far' } as const;
const Drawing = chakra('svg', { base: { maxWidth: '100%', height: 'auto', display: 'block' } });

/** The places of a tree, plate or disc in the order in which metal reaches them: which fill, and which lie too far. */
export function PlacesMap({ places }: { readonly places: readonly MethodPlace[] }) {
  if (places.length === 0) return null;
  const across = Math.min(MOST_ACROSS, places.length);
  const down = Math.ceil(places.length / across);
  const lost = places.filter((p) => p.risk === 'misrun').length;
  return (
    <Box my="3" data-testid="places" textStyle="label">
      <Drawing
        role="img"
        aria-label={`${places.length} places along the runner: ${places.length - lost} fill, ${lost} lie too far`}
        viewBox={`0 0 ${across * CELL} ${down * CELL}`}
        width={across * CELL}
      >
        {places.map((p, i) => {
          const [x, y] = [(i % across) * CELL + 3, Math.floor(i / across) * CELL + 3];
          const side = CELL - 6;
          return (
            <Box as="g" key={p.at} color={TONES[p.risk]} data-risk={p.risk}>
              <title>{`Place ${p.at} ${WORDS[p.risk]}: ${(100 * p.ratio).toFixed(0)} % of the way that metal can run`}</title>
              <rect x={x} y={y} width={side} height={side} fill="none" stroke="currentColor" />
              <rect
                x={x}
                y={y + side * (1 - Math.min(1, p.ratio))}
                width={side}
                height={side * Math.min(1, p.ratio)}
                fill="currentColor"
                opacity={0.22}
              />
              {p.risk === 'misrun' && (
                <path d={`M${x} ${y}l${side} ${side}M${x + side} ${y}l${-side} ${side}`} stroke="currentColor" />
              )}
              <text x={x + side / 2} y={y + side / 2 + 4} fontSize="11" textAnchor="middle" fill="currentColor">
                {p.at}
              </text>
            </Box>
          );
        })}
      </Drawing>
      <Box color="fg.muted" mt="1">
        Each place is filled as far as its way takes up what metal can run; crossed: it lies too far.
      </Box>
    </Box>
  );
}
