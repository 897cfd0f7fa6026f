'use client';
import { chakra } from '@chakra-ui/react';
import { laneWords, ROUTES } from '@/core/catalogue/routes';
import type { AlloyPair } from '@/core/comparison/alloys';
import { perPart } from '../format';
import { toneOf } from '../marks/tone';

const Nine = chakra('span', {
  base: {
    display: 'inline-flex',
    alignItems: 'flex-end',
    gap: '3px',
    height: '16px',
    '& i': { boxSizing: 'border-box', width: '8px', height: '9px', printColorAdjust: 'exact' },
    '& [data-state=open]': { bg: 'currentColor' },
    '& [data-state=best]': { bg: 'currentColor', height: '16px' },
    '& [data-state=shut]': { border: '1px dotted {colors.fg.muted}', borderTop: 0 },
  },
});

/** Nine small moulds in the order of the routes: full where the alloy can be poured, taller for the best, else empty. */
export function OpenRoutes({ pair }: { readonly pair: AlloyPair }) {
  const openNames = pair.routes.filter((r) => r.laneId !== null).map((r) => laneWords(r.routeId).route);
  const best = pair.leader?.split('/')[0];
  return (
    <Nine role="img" aria-label={openNames.length === 0 ? 'no route is open' : `open: ${openNames.join(', ')}`}>
      {ROUTES.map((route) => {
        const r = pair.routes.find((x) => x.routeId === route.id);
        const state = r?.laneId == null ? 'shut' : route.id === best ? 'best' : 'open';
        return (
          <i
            key={route.id}
            data-state={state}
            style={{ color: toneOf(route.id) }}
            title={`${route.name}: ${r?.allIn == null ? (r?.why ?? '') : perPart(r.allIn)}`}
          />
        );
      })}
    </Nine>
  );
}
