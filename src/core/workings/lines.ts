import { cur, fx, K, lotQ, MC, price, meltLoss, kRet, LINE_WORDS, type Builder } from './common';
import { lotOf, type Context } from './context';
import { computed, fromBrief, fromRate } from './symbols';
import type { Working, WorkingSymbol } from './types';

/** Workings of the lines of a part price; shown without scrap, which has a line of its own. */
export const LINES: Readonly<Record<string, Builder>> = {
  'line.setUp': (c) =>
    line(c, 'setUp', 'K * setUp / Q * fx', [computed('setUp', 'set-up of the lot', c.model.setUp, 'USD', 'setUp')]),
  'line.pours': (c) =>
    line(c, 'pours', 'K * Pw * cPour / Q * fx', [
      computed('Pw', 'pours without any scrap, warm-up included', c.idealRun.filled, 'pours', 'pours@ideal'),
      computed('cPour', 'one pour', c.plan.pour, 'USD', 'cPour'),
    ]),
  'line.metal': (c) =>
    line(c, 'metal', 'K * p * (kg * (1 + l) - kRet * (kg - Q * mc)) / Q * fx', [
      price(c),
      computed('kg', 'melted, without any scrap', c.idealRun.filled * c.plan.M, 'kg', 'kg@ideal'),
      meltLoss(c),
      kRet(c),
      MC(c),
    ]),
  'line.melting': (c) =>
    line(c, 'melting', 'K * kg * cMelt / Q * fx', [
      computed('kg', 'melted, without any scrap', c.idealRun.filled * c.plan.M, 'kg', 'kg@ideal'),
      computed('cMelt', 'melting', c.model.melting, 'USD/kg', 'cMelt'),
    ]),
  'line.finishing': (c) =>
    line(c, 'finishing', 'K * fin * fx', [computed('fin', 'finishing a casting', c.model.finish, 'USD', 'finish')]),
  'line.heatTreatment': (c) => {
    const asked = c.model.facts.brief.needs.heatTreated === true;
    return line(c, 'heatTreatment', 'K * asked * kHT * mc * fx', [
      fromBrief('asked', 'heat treatment asked for (1) or not (0)', asked ? 1 : 0, '–', 'needs.heatTreated'),
      fromRate('kHT', 'usual heat treatment', c.family.kHT, `families.${c.model.facts.ratesFamily}.kHT`),
      MC(c),
    ]);
  },
  'line.machining': (c) =>
    line(c, 'machining', 'K * mach * fx', [
      computed('mach', 'machining of a piece', c.model.part.machining, 'USD', 'machining'),
    ]),
  'line.inspection': (c) =>
    line(c, 'inspection', 'K * (look + max(share * Q, min(Q, 3)) * measure / Q) * fx', [
      computed('look', 'looking a piece over', c.model.look, 'USD', 'look'),
      fromRate(
        'share',
        'pieces measured, never fewer than three a lot',
        c.study.rates.global.sampleShare,
        'global.sampleShare',
      ),
      computed('measure', 'measuring a sample piece', c.model.measure, 'USD', 'measure'),
    ]),
  'line.upkeep': (c) =>
    line(c, 'upkeep', 'K * shots * upkeep / Q * fx', [
      computed('shots', 'shots without any scrap', c.idealRun.shots, 'shots', 'shots@ideal'),
      computed('upkeep', 'upkeep a shot', c.plan.upkeep, 'USD', 'upkeep'),
    ]),
  'line.scrapAndRework': (c) =>
    line(c, 'scrapAndRework', 'K * (lot - clean) / Q * fx', [
      computed('lot', 'the lot as it will run', lotOf(c, c.stages, c.Q), 'USD', 'lot'),
      computed(
        'clean',
        'the same lot with no scrap and no misrun',
        ((c.money.unit - c.money.lines.scrapAndRework) * c.Q) / (c.model.K * c.fx),
        'USD',
      ),
    ]),
};

function line(
  c: Context,
  id: keyof Context['money']['lines'],
  expression: string,
  symbols: readonly WorkingSymbol[],
): Omit<Working, 'figure'> {
  const used = (name: string): boolean => new RegExp(`\\b${name}\\b`).test(expression);
  return {
    title: `${(LINE_WORDS[id] ?? id).replace(/^./, (x) => x.toUpperCase())}, a part`,
    equation: 'Cost model 8.1 and 8.4, one line',
    expression,
    value: c.money.lines[id],
    unit: `${cur(c)}/part`,
    symbols: [K(c), ...symbols, ...(used('Q') ? [lotQ(c)] : []), fx(c)],
    note: id === 'scrapAndRework' ? null : 'Shown without scrap, which has a line of its own.',
  };
}
