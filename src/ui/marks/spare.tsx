/** Room as whole per cents of the limit, −100 … 100; null where it has no meaning. @param spare −1 … 1 */
export const roomPercent = (spare: number | null | undefined): number | null =>
  spare == null ? null : Math.round(100 * Math.max(-1, Math.min(1, spare)));

/**
 * Room left, drawn small: a bar to the right of the middle for room, hatched to the left for a lack.
 * The sheet contains it strictly, so that a new length lays out nothing else.
 * @param percent whole per cents of the limit, −100 … 100
 */
export function Spare({ percent, left = false }: { percent: number | null; left?: boolean }) {
  if (percent === null) return null;
  const words = percent < 0 ? `${-percent} % over the limit` : `${percent} % of the limit to spare`;
  return (
    <span
      className={`spare${left ? ' left' : ''}${percent < 0 ? ' is-lack' : ''}`}
      role="img"
      aria-label={words}
      title={words}
    >
      <i style={{ width: `${Math.max(1, Math.abs(percent) / 2)}%` }} />
    </span>
  );
}
