import { doubtSentences, drawnWords, type KeptDoubt } from '@/core/decision';

/** How sure the choice of a lane is, and what would overturn it. */
export function SureSection({
  doubt,
  laneId,
  currency,
  due,
  planned,
}: {
  readonly doubt: KeptDoubt;
  readonly laneId: string;
  readonly currency: string;
  /** ISO date of the first delivery asked, or null. */
  readonly due: string | null;
  /** Whether a plan in two steps is chosen. */
  readonly planned: boolean;
}) {
  return (
    <>
      <ul className="doubts" data-testid="sure">
        {doubtSentences(doubt, laneId, currency, due, planned).map((words) => (
          <li key={words}>{words}</li>
        ))}
      </ul>
      <p className="small quiet">{drawnWords(doubt)}</p>
      {doubt.flips.length > 0 && (
        <>
          <h3>What would overturn it</h3>
          <ul className="flips" data-testid="kept-flips">
            {doubt.flips.map((words) => (
              <li key={words}>{words}</li>
            ))}
          </ul>
        </>
      )}
    </>
  );
}
