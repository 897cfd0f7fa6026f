import { Emblem } from './emblem';
import { shortName } from '@/core/catalogue/routes';

/** A route's short name beside its emblem. */
export function RouteName({ laneId, size = 16 }: { readonly laneId: string; readonly size?: number }) {
  return (
    <span style={{ whiteSpace: 'nowrap', display: 'inline-flex', gap: '0.45em', alignItems: 'center' }}>
      <Emblem laneId={laneId} size={size} />
      <span style={{ whiteSpace: 'normal' }}>{shortName(laneId)}</span>
    </span>
  );
}
