import { drawnWords, sureTold, type KeptDoubt, type SureOf } from '@/core/decision';
import { DRAWN_AGAIN } from '../doubt/doubt-state';
import type { Frozen } from '../working/figure-at';
import { Told } from '../working/told';

/** How sure a choice is, and what would overturn it; each figure opens how it was found. */
export function SureSection({
  doubt,
  of,
  frozen,
  behind = false,
}: {
  readonly doubt: KeptDoubt;
  readonly of: SureOf;
  /** The study it was drawn from, where it is not the one on the screen. */
  readonly frozen?: Frozen | undefined;
  /** Whether it is of something else than what is chosen by now. */
  readonly behind?: boolean;
}) {
  const flips = doubt.flipsTold ?? doubt.flips.map((words) => [words]);
  return (
    <div aria-busy={behind}>
      <ul className="doubts" data-testid="sure">
        {sureTold(doubt, of).map((told, i) => (
          <li key={i}>
            <Told told={told} frozen={frozen} />
          </li>
        ))}
      </ul>
      <p className="small quiet">{behind ? DRAWN_AGAIN : drawnWords(doubt)}</p>
      {flips.length > 0 && (
        <>
          <h3>What would overturn it</h3>
          <ul className="flips" data-testid="kept-flips">
            {flips.map((told, i) => (
              <li key={i}>
                <Told told={told} frozen={frozen} />
              </li>
            ))}
          </ul>
        </>
      )}
    </div>
  );
}
