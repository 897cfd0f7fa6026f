'use client';
import { Button } from '@chakra-ui/react';
import type { BridgePlan, PlanChoice, PlanStep } from '@/core/bridge';
import { shortName } from '@/core/routes';
import { dateAfter, perPart, signed, whole } from '../format';
import { Mark } from '../marks/mark';
import { Tone } from '../marks/tone';
import { useStudy } from '../study/study-context';
import { useSheets } from '../working/sheets';
import { stepStudy } from './step-study';
import { inTime, lateWords, planWords } from './words';

/** One row: a plan in two steps, or a route alone. */
export interface PlanRow {
  readonly key: string;
  readonly words: string;
  readonly plan: BridgePlan;
  /** What adopting it writes; null for a route alone. */
  readonly choice: PlanChoice | null;
  readonly adopted: boolean;
}

/** Plans in two steps beside routes alone, in money and in dates. */
export function PlanTable({
  rows,
  against,
  onAdopt,
}: {
  readonly rows: readonly PlanRow[];
  /** The route alone that plans are measured against, or null. */
  readonly against: BridgePlan | null;
  readonly onAdopt: (choice: PlanChoice | null) => void;
}) {
  const { study, orderDate } = useStudy();
  const currency = study.rates.currency.code;
  return (
    <div className="scroll-x">
      <table className="list plans" aria-label="Plans in two steps and routes alone">
        <thead>
          <tr>
            <th>Plan</th>
            <th className="num">
              All in<div className="quiet">{currency} a part</div>
            </th>
            <th className="num">
              Together<div className="quiet">{currency}</div>
            </th>
            <th className="num">
              Against alone<div className="quiet">{currency}</div>
            </th>
            <th>Days asked</th>
            <th className="num">First part</th>
            <th className="num">Last part</th>
            <th className="num">Second order by</th>
            <th>
              <span className="sr">Adopt</span>
            </th>
          </tr>
        </thead>
        <tbody>
          {rows.map(({ key, words, plan, choice, adopted }) => (
            <tr key={key} data-plan={key} aria-current={adopted ? 'true' : undefined}>
              <td>
                <div className="small quiet">{words}</div>
                {plan.steps.map((step, i) => (
                  <div key={step.laneId}>
                    <Tone laneId={step.laneId} /> {i > 0 && 'then '}
                    {whole(step.pieces)} on {shortName(step.laneId)}
                    <span className="small quiet">
                      {': '}
                      <StepMoney step={step} reused={i > 0 ? plan.reused : 0} />
                    </span>
                  </div>
                ))}
              </td>
              <td className="num">{perPart(plan.allIn)}</td>
              <td className="num">{whole(plan.total)}</td>
              <td className="num">
                {against === null || against === plan ? '' : signed(plan.total - against.total, 0)}
              </td>
              <td className="small">
                <Mark status={inTime(plan) ? 'fits' : 'tight'} label={false} /> {lateWords(plan)}
              </td>
              <td className="num">{dateAfter(orderDate, plan.firstArticle_d)}</td>
              <td className="num">{dateAfter(orderDate, plan.lastPart_d)}</td>
              <td className="num">
                {choice !== null && (plan.deliveries.length === 0 ? 'any day' : dateAfter(orderDate, plan.waits_d))}
              </td>
              <td>
                {choice !== null && (
                  <Button
                    size="xs"
                    variant={adopted ? 'solid' : 'outline'}
                    aria-label={`${adopted ? 'Let go of' : 'Adopt'} the plan: ${planWords(plan)}`}
                    onClick={() => onAdopt(adopted ? null : choice)}
                  >
                    {adopted ? 'Let go' : 'Adopt'}
                  </Button>
                )}
              </td>
            </tr>
          ))}
        </tbody>
      </table>
    </div>
  );
}

/** Money of one step; the sum of the steps is that of the plan. Its figure opens its working. */
function StepMoney({ step, reused }: { readonly step: PlanStep; readonly reused: number }) {
  const { study } = useStudy();
  const { openWorking } = useSheets();
  const currency = study.rates.currency.code;
  return (
    <>
      <button
        type="button"
        className="textbtn dotted"
        onClick={() =>
          openWorking({ laneId: step.laneId, figure: 'total' }, stepStudy(study, step, 'as a step of the plan'))
        }
      >
        {whole(step.total + reused)} {currency}
      </button>
      {reused > 0 && ` less ${whole(reused)} of its tool, which the first leaves`}
    </>
  );
}
