import { EMBLEMS } from './emblem-shapes.data';
import { toneOf } from './tone';

/** Route of a lane, or the way without a casting. */
const routeOf = (laneId: string): string => laneId.split('/')[0] ?? laneId;

/**
 * The emblem of a route: a small section of its mould. It stands beside the route's name and says nothing alone.
 * @param toned drawn in the route's tone, as in the charts; else in the ink around it
 */
export function Emblem({
  laneId,
  size = 18,
  toned = true,
}: {
  readonly laneId: string;
  readonly size?: number;
  readonly toned?: boolean;
}) {
  const paths = EMBLEMS[routeOf(laneId)];
  if (paths === undefined) return null;
  const tone = toned ? toneOf(laneId) : 'currentColor';
  return (
    <svg
      width={size}
      height={size}
      viewBox="0 0 24 24"
      aria-hidden="true"
      style={{ display: 'inline-block', flex: 'none', verticalAlign: '-0.25em', color: 'inherit' }}
    >
      {paths.map(({ d, full }) =>
        full ? (
          <path key={d} d={d} fill={tone} />
        ) : (
          <path key={d} d={d} fill="none" stroke="currentColor" strokeWidth="1.35" />
        ),
      )}
    </svg>
  );
}
