import { ROUTE_DASH, ROUTE_WEIGHT } from '@/core/catalogue/routes';

export { ROUTE_DASH, ROUTE_WEIGHT };

/** CSS variable with a route's tone; baselines share one, a plan of two routes is drawn in ink. */
export function toneOf(laneId: string): string {
  const route = laneId.split('/')[0] ?? laneId;
  if (route === 'plan') return 'var(--ink)';
  return route === 'machined' || route === 'stamped' || route === 'fabricated' || route === 'split'
    ? 'var(--tone-machined)'
    : `var(--tone-${route})`;
}

/** A short stroke in a route's tone and dash, as in the charts. */
export function Tone({ laneId }: { laneId: string }) {
  const route = laneId.split('/')[0] ?? laneId;
  return (
    <svg className="tone" viewBox="0 0 22 8" aria-hidden="true">
      <line
        x1="0"
        y1="4"
        x2="22"
        y2="4"
        stroke={toneOf(laneId)}
        strokeWidth={(ROUTE_WEIGHT[route] ?? 2) + 1}
        strokeDasharray={(ROUTE_DASH[route] ?? []).join(' ')}
      />
    </svg>
  );
}
