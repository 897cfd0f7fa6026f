import type { SymbolOf } from '../../equations';
import { likely } from '../../base/figures';
import { LINE_IDS, type LineId, type OfInputs, type OfLot, type OfProgramme } from '../types';
import { LINE_WORDS } from './words';
import { asked, equation, figure, fx, K, kRet, l, mc, MONEY_A_PART, ofFamily, p, Q, rate } from './symbols';

/** What a line of the part price is worked out for: the usual lot as it would be without scrap, and the lot as it will run. */
export type OfLines = Omit<OfLot, 'run'> & {
  readonly idealRun: OfLot['run'];
  readonly fx: number;
  /** The lot as it will run and without any scrap, USD before the price factor. */
  readonly lotCost: number;
  readonly clean: number;
};
type LineContext = OfLines & OfProgramme;

function line<S extends string>(
  id: LineId,
  expression: string,
  symbols: Readonly<Record<S, SymbolOf<LineContext>>>,
  values: (c: OfLines) => Readonly<Record<S, number>>,
) {
  return equation<OfLines, LineContext>()<S | 'K' | 'fx'>({
    figure: `line.${id}`,
    number: '8.1 and 8.4',
    remark: 'one line',
    title: `${LINE_WORDS[id].replace(/^./, (x) => x.toUpperCase())} per part`,
    ...MONEY_A_PART,
    expression,
    symbols: { K, ...symbols, fx },
    note: () => (id === 'scrapAndRework' ? null : 'Shown without scrap, which has a line of its own.'),
    values: (c) => ({ K: c.model.K, fx: c.fx, ...values(c) }),
  });
}

/** The lines of a part price; shown without scrap, which has a line of its own. */
export const LINES = {
  setUp: line('setUp', 'K * setUp / Q * fx', { setUp: figure('set-up of the lot', 'USD', 'setUp'), Q }, (c) => ({
    Q: c.Q,
    setUp: c.model.setUp,
  })),
  pours: line(
    'pours',
    'K * Pw * cPour / Q * fx',
    {
      Pw: figure('pours without any scrap, warm-up included', 'pours', 'pours@ideal'),
      cPour: figure('one pour', 'USD', 'cPour'),
      Q,
    },
    (c) => ({ Q: c.Q, Pw: c.idealRun.filled, cPour: c.plan.pour }),
  ),
  metal: line(
    'metal',
    'K * p * (kg * (1 + l) - kRet * (kg - Q * mc)) / Q * fx',
    { p, kg: figure('melted, without any scrap', 'kg', 'kg@ideal'), l, kRet, mc, Q },
    ({ model, idealRun, Q }) => ({
      Q,
      p: model.price,
      kg: idealRun.kg,
      l: model.meltLoss,
      kRet: model.kRet,
      mc: model.part.mc,
    }),
  ),
  melting: line(
    'melting',
    'K * kg * cMelt / Q * fx',
    { kg: figure('melted, without any scrap', 'kg', 'kg@ideal'), cMelt: figure('melting', 'USD/kg', 'cMelt'), Q },
    ({ model, idealRun, Q }) => ({ Q, kg: idealRun.kg, cMelt: model.melting }),
  ),
  finishing: line(
    'finishing',
    'K * fin * fx',
    { fin: figure('finishing a casting', 'USD', 'finish') },
    ({ model }) => ({
      fin: model.finish,
    }),
  ),
  heatTreatment: line(
    'heatTreatment',
    'K * asked * kHT * mc * fx',
    {
      asked: asked('heatTreated', 'heat treatment asked for'),
      kHT: ofFamily('kHT', 'usual heat treatment'),
      mc,
    },
    ({ model: { facts, family, part } }) => ({
      asked: facts.brief.needs.heatTreated === true ? 1 : 0,
      kHT: likely(family.kHT),
      mc: part.mc,
    }),
  ),
  machining: line(
    'machining',
    'K * mach * fx',
    { mach: figure('machining of a piece', 'USD', 'machining') },
    ({ model }) => ({ mach: model.part.machining }),
  ),
  inspection: line(
    'inspection',
    'K * (look + max(share * Q, min(Q, 3)) * measure / Q) * fx',
    {
      look: figure('inspecting a piece', 'USD', 'look'),
      share: rate('global.sampleShare', 'pieces measured, never fewer than three a lot'),
      measure: figure('measuring a sample piece', 'USD', 'measure'),
      Q,
    },
    ({ model, Q }) => ({ Q, look: model.look, share: model.sampleShare, measure: model.measure }),
  ),
  coat: line(
    'coat',
    'K * (coatLot / Q + coat) * fx',
    {
      coatLot: figure('coats of the lot', 'USD', 'coatLot'),
      coat: figure('coats of a piece', 'USD', 'coatPiece'),
      Q,
    },
    ({ model, Q }) => ({ Q, coatLot: model.coatLot, coat: model.coatPiece }),
  ),
  containment: line(
    'containment',
    'K * (heldLot + kg * heldKg) / Q * fx',
    {
      heldLot: figure('containment and conditions of the lot', 'USD', 'heldLot'),
      kg: figure('melted, without any scrap', 'kg', 'kg@ideal'),
      heldKg: figure('containment', 'USD/kg', 'heldKg'),
      Q,
    },
    ({ model, idealRun, Q }) => ({ Q, heldLot: model.heldLot, kg: idealRun.kg, heldKg: model.heldKg }),
  ),
  upkeep: line(
    'upkeep',
    'K * shots * upkeep / Q * fx',
    {
      shots: figure('shots without any scrap', 'shots', 'shots@ideal'),
      upkeep: figure('upkeep a shot', 'USD', 'upkeep'),
      Q,
    },
    ({ idealRun, plan, Q }) => ({ Q, shots: idealRun.shots, upkeep: plan.upkeep }),
  ),
  scrapAndRework: line(
    'scrapAndRework',
    'K * (lot - clean) / Q * fx',
    {
      lot: figure('the lot as it will run', 'USD', 'lot'),
      clean: figure('the same lot with no scrap and no misrun', 'USD'),
      Q,
    },
    (c) => ({ Q: c.Q, lot: c.lotCost, clean: c.clean }),
  ),
} as const satisfies Readonly<Record<LineId, unknown>>;

/** Price of a piece of the usual lot, tooling apart: the sum of its lines. */
export const UNIT = equation<
  OfInputs & { readonly lines: Readonly<Record<LineId, number>> },
  OfInputs & { readonly lines: Readonly<Record<LineId, number>>; readonly Q: number; readonly fresh: boolean }
>()({
  figure: 'unit',
  number: '8.4',
  remark: 'K·lot(Q)/Q, line by line',
  title: 'Part price of the usual lot',
  ...MONEY_A_PART,
  expression: LINE_IDS.join(' + '),
  symbols: Object.fromEntries(
    LINE_IDS.map((id) => [id, { ...figure(LINE_WORDS[id], '', `line.${id}`), ...MONEY_A_PART }]),
  ) as Record<LineId, SymbolOf<OfInputs>>,
  note: (c) =>
    `Tooling apart. Lot of ${c.Q}, ${c.fresh ? 'scrap as when new: the whole programme is shorter than the learning' : 'settled scrap'}.`,
  values: ({ lines }) => ({ ...lines }),
});
