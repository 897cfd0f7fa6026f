import { dateWords } from '@/core/base/day';
import { FIRST_WEIGHTS, firstOf, rankingExplanation, rankingsAt } from '@/core/comparison/ranking';
import { drawnWords, certaintyExplanation, quotesWords } from '@/core/decision';
import { shortName } from '@/core/catalogue/routes';
import { judgedWords } from '@/core/rates';
import { POLICY_WORDS } from '@/core/part';
import { perPart, whole } from '@/core/base/numbers';
import { plain } from '@/core/explanation';
import { sureOf, type RecordSheet } from './sheet';

/** Name and text of what heads a record. */
export function headLines(sheet: RecordSheet): (readonly [string, string])[] {
  const { decision, currency, orderDate } = sheet;
  const { snapshot } = decision;
  const { plan } = snapshot;
  const out: (readonly [string, string])[] = [
    ['Decision', snapshot.brief.title],
    ['Chosen', plan == null ? shortName(decision.laneId) : `two steps, ending on ${shortName(decision.laneId)}`],
  ];
  if (plan != null)
    out.push([
      'Two-step plan',
      `${whole(plan.pieces)} on ${shortName(plan.first)}, then ${whole(plan.q - plan.pieces)} on ${shortName(plan.then)}: ${whole(plan.total)} ${currency} in total, ${perPart(plan.allIn)} ${currency} per part`,
    ]);
  out.push(
    ['Quantity', `${whole(decision.quantity)} pieces`],
    ['Verdict', snapshot.evaluation.verdict],
    ...ledLine(sheet),
    ['Why', decision.why],
    ['Signed', `${decision.signedBy}, ${dateWords(decision.signedOn)}`],
    [
      'Kept as signed',
      `brief revision ${decision.revision}, rates “${snapshot.rates.name}”${snapshot.rates.process === undefined ? '' : `, process values “${snapshot.rates.process.name}”, version ${snapshot.rates.process.version}`}, judged by ${judgedWords(snapshot.rates)}, core ${decision.coreVersion}, tolerances by ${POLICY_WORDS[decision.school]}, order on ${dateWords(orderDate)}`,
    ],
  );
  return out;
}

/** What comes first by the ranking method that leads the study, where that is another than least cost. */
function ledLine({ study, board, decision: { snapshot }, currency }: RecordSheet): (readonly [string, string])[] {
  const { leads } = study.brief;
  if (leads === 'cost') return [];
  const rankings = rankingsAt(study, board, snapshot.weights ?? FIRST_WEIGHTS);
  const led = rankings === null ? null : firstOf(rankings, leads);
  return led === null ? [] : [['Led by', plain(rankingExplanation(board, leads, led, currency))]];
}

/** What speaks for it and against it, how sure it was, what would overturn it, what is to be done, who disagrees. */
export function argumentLines(sheet: RecordSheet): (readonly [string, readonly string[]])[] {
  const { decision } = sheet;
  const { snapshot } = decision;
  const out: (readonly [string, readonly string[]])[] = [
    ['For it', snapshot.case.for.map((a) => a.text)],
    ['Against it', snapshot.case.against.map((a) => a.text)],
    ['Quotes', quoteLines(sheet)],
    ['Uncertainty when signed', simulationLines(sheet)],
    ['What would change the choice', snapshot.simulation?.flips ?? []],
    [
      'Actions and owners',
      decision.actions.map(
        (a) => `${a.what}${a.owner === '' ? '' : ` (${a.owner})`}${a.by === '' ? '' : `, by ${dateWords(a.by)}`}`,
      ),
    ],
    ['Dissent', decision.dissents.map((d) => `${d.words} (${d.who}, ${dateWords(d.writtenAt.slice(0, 10))})`)],
    ['Assumptions', assumptions(sheet)],
  ];
  return out.filter(([, list]) => list.length > 0);
}

/** The quotes that stood beside a choice, and what they did to it. */
export function quoteLines({ decision }: RecordSheet): string[] {
  const { quotes } = decision.snapshot;
  if (quotes == null) return [];
  const price = (x: number | null): string => (x === null ? '' : `: ${perPart(x)} ${quotes.currency} per good part`);
  return [
    quotesWords(quotes, decision.laneId),
    ...quotes.quotes.map((k) =>
      [
        `${k.foundry}, ${k.laneName}${k.simulated ? ' (simulated desk)' : ''}${price(k.perGoodPart)}`,
        k.model === null ? '' : `, model ${perPart(k.model)}`,
        k.out === null ? '' : `; ${k.out}`,
        k.toAsk.length === 0 ? '' : `; to ask: ${k.toAsk.join(' ')}`,
      ].join(''),
    ),
  ];
}

/** How sure a choice was, in sentences. */
export function simulationLines(sheet: RecordSheet): string[] {
  const { simulation } = sheet.decision.snapshot;
  return simulation == null
    ? []
    : [...certaintyExplanation(simulation, sureOf(sheet)).map(plain), drawnWords(simulation)];
}

/** What the figures rest on that nobody has measured or confirmed. */
export function assumptions({ decision, study, lane }: RecordSheet): string[] {
  const { brief, rates, plan } = decision.snapshot;
  const unknown = lane.findings.filter((f) => f.status === 'not-known').map((f) => f.reason);
  return [
    ...(brief.assumed.length > 0 ? [`Of the brief, not confirmed: ${brief.assumed.join(', ')}.`] : []),
    ...[...new Set(unknown)].map((reason) => `Not known: ${reason}`),
    `Rates “${rates.name}” at their likely figures, in ${study.rates.currency.code}; each has a low and a high, which the simulations use.`,
    ...(plan?.reuseWhy == null ? [] : [`What the first tool leaves to the second is assumed: ${plan.reuseWhy}.`]),
    'One tool and the usual share of the shop; weekends counted, holidays as the rate set has them.',
  ];
}
