'use client';
import { inDraws, rough, sentence } from '@/core/doubt';
import type { KeptDoubt } from '@/core/decision';
import { shortName } from '@/core/routes';
import { weeks, whole } from '../format';

/** How sure the choice of a lane is, and what would overturn it. */
export function SureSection({
  doubt,
  laneId,
  currency,
  due,
}: {
  readonly doubt: KeptDoubt;
  readonly laneId: string;
  readonly currency: string;
  /** The day asked for the first delivery, in words; null where none is. */
  readonly due: string | null;
}) {
  const { cheapest, inTime, allIn, firstArticle, against, flips } = doubt;
  return (
    <>
      <ul className="doubts" data-testid="sure">
        {cheapest !== null && (
          <li>
            {sentence(shortName(laneId))} is the cheapest of all routes {inDraws(cheapest)}.
          </li>
        )}
        {against !== null && (
          <li>
            It is cheaper than {shortName(against.laneId)} {inDraws(against.holds)}.
          </li>
        )}
        <li>
          A part comes to {rough(allIn.p10)} to {rough(allIn.p90)} {currency} in eight draws of ten, half of them under{' '}
          {rough(allIn.p50)}.
        </li>
        <li>
          The first article comes after {weeks(firstArticle.p10)} to {weeks(firstArticle.p90)} weeks
          {inTime !== null && due !== null && `, by ${due} ${inDraws(inTime)}`}.
        </li>
      </ul>
      <p className="small quiet">
        {whole(doubt.draws)} draws of every figure between its low and high,{' '}
        {doubt.spread === 'pert' ? 'beta-PERT' : 'triangle'}, seed {doubt.seed}
        {doubt.demand ? ', the quantity in doubt too' : ', the quantity as it is'}: the same seed gives the same to the
        digit.
      </p>
      {flips.length > 0 && (
        <>
          <h3>What would overturn it</h3>
          <ul className="flips" data-testid="kept-flips">
            {flips.map((words) => (
              <li key={words}>{words}</li>
            ))}
          </ul>
        </>
      )}
    </>
  );
}
