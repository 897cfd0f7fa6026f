import { describe, expect, test } from 'vitest';
import { scatter } from '../../testing/scatter';
import { lifetimeQuantity } from '../../brief';
import { normaliseQuote, quoteMistakes } from '../../quotes';
import { rateEntries, SHIPPED_RATES } from '../../rates';
import { prepareStudy } from '../../study';
import { briefOf } from '../../testing/demo-briefs';
import { DEMO_QUOTES, DEMO_QUOTE_SETTING } from '../../../server/demo/quotes.data';
import { QUILLMERE_PARTS } from '../../../server/demo/quillmere.data';
import { askedOf, calibrate, impliedRates, modelFigures, priceAt, ratesTimes, type AskedPrice, type Priced } from '.';

const briefOfPart = (id: string) => {
  const part = QUILLMERE_PARTS.find((p) => p['id'] === id);
  if (part === undefined) throw new Error(id);
  return briefOf(part);
};
const hub = briefOfPart('q-tripod-hub');
const HAND = 'gravity-die/hand';
const priced = (q: number): Priced => ({ brief: hub, policy: 'published', laneId: HAND, q });
const RATES = ['global.Rlab', 'global.Rmc', 'global.Rtool'];
const entries = RATES.map((path) => {
  const entry = rateEntries(SHIPPED_RATES).find((e) => e.path === path);
  if (entry === undefined) throw new Error(path);
  return entry;
});

/** Prices of several parts at rates that are so many times the shipped ones. */
function pricesAt(factors: readonly number[], scatter: () => number = () => 0): AskedPrice[] {
  const rates = ratesTimes(SHIPPED_RATES, entries, factors);
  return ['q-tripod-hub', 'q-gear-head', 'q-filter-drawer'].flatMap((part) =>
    [HAND, 'permanent-mould/tilt'].flatMap((laneId) => {
      const at: Priced = { brief: briefOfPart(part), policy: 'published', laneId, q: 1500 };
      const found = priceAt(at, rates);
      return found === null
        ? []
        : [
            {
              id: `${part} ${laneId}`,
              priced: at,
              unit: found.unit * Math.exp(scatter()),
              tooling: found.tooling * Math.exp(scatter()),
            },
          ];
    }),
  );
}

describe('quotes beside the model', () => {
  test('what is asked of every quote is what the brief says', () => {
    expect(askedOf(hub)).toMatchObject({ need: 2400, perYear: 480, lot: 160, alloy: 'al-a356' });
    expect(askedOf(hub).features).toHaveLength(hub.features.length);
  });

  test('the model of a lane is its figures on the board; of one without money there is none', () => {
    const study = prepareStudy(hub);
    const model = modelFigures(study, HAND, 2400);
    expect(model).toMatchObject({ mass_kg: study.facts?.m });
    expect(model?.unit).toBe(priceAt(priced(2400), SHIPPED_RATES)?.unit);
    expect(model?.goodPerWorkday).toBeGreaterThan(10);
    expect(modelFigures(study, 'no-such/lane', 2400)).toBeNull();
    expect(priceAt({ ...priced(500), laneId: 'no-such/lane' }, SHIPPED_RATES)).toBeNull();
  });

  test('no demo quote is told to be in another unit than it is in, and slips made in them are found', () => {
    let found = 0;
    for (const { part, quote, fills } of DEMO_QUOTES) {
      const brief = briefOfPart(part);
      const model = modelFigures(prepareStudy(brief), `${quote.route}/${quote.variant}`, lifetimeQuantity(brief) ?? 1);
      if (model === null || quote.decline !== null) continue;
      const look = (one: typeof quote) =>
        quoteMistakes(one, askedOf(brief), DEMO_QUOTE_SETTING, fills, model).map((m) => m.kind);
      expect(look(quote), quote.id).not.toContain('price-unit');
      if (normaliseQuote(quote, askedOf(brief), DEMO_QUOTE_SETTING, fills).price === null || quote.unit !== 'hundred')
        continue;
      expect(look({ ...quote, unit: 'each' }), quote.id).toContain('price-unit');
      found++;
    }
    expect(found).toBeGreaterThan(1);
  });
});

describe('the rate that a price implies', () => {
  test('alone brings the model to the price', () => {
    const today = priceAt(priced(2400), SHIPPED_RATES)?.unit ?? NaN;
    const target = today * 1.1;
    const implied = impliedRates(priced(2400), SHIPPED_RATES, target, 'unit');
    const told = implied.filter((i) => i.implied !== null);
    expect(told.length).toBeGreaterThan(3);
    for (const { path, now, implied: value } of told) {
      const entry = rateEntries(SHIPPED_RATES).find((e) => e.path === path);
      const rates = ratesTimes(SHIPPED_RATES, entry === undefined ? [] : [entry], [(value ?? NaN) / now]);
      expect((priceAt(priced(2400), rates)?.unit ?? NaN) / target, path).toBeCloseTo(1, 4);
    }
    const order = implied.map((i) => (i.inBand ? 0 : i.implied === null ? 2 : 1));
    expect(order).toEqual([...order].sort((a, b) => a - b));
  });

  test('of a price that is the model’s own is the rate as it is; of one beyond reach there is none', () => {
    const today = priceAt(priced(2400), SHIPPED_RATES)?.tooling ?? NaN;
    for (const i of impliedRates(priced(2400), SHIPPED_RATES, today, 'tooling'))
      if (i.implied !== null) expect(i.implied / i.now).toBeCloseTo(1, 3);
    expect(impliedRates(priced(2400), SHIPPED_RATES, today * 1000, 'tooling').every((i) => i.implied === null)).toBe(
      true,
    );
  });
});

describe('rates fitted to what was asked', () => {
  const TRUE = [1.3, 0.8, 1.25];

  test('are those that the prices were made with, to 2 %, where they have no error', () => {
    const fit = calibrate(pricesAt(TRUE), SHIPPED_RATES, RATES);
    fit.rates.forEach((r, j) => expect(Math.abs(r.after / r.before / (TRUE[j] ?? 1) - 1), r.path).toBeLessThan(0.02));
    expect(fit.after).toBeLessThan(0.005);
    expect(fit.before).toBeGreaterThan(0.05);
    expect(fit.leftOut).toBeLessThan(0.02);
    for (const p of fit.prices) expect(Math.abs(p.after / p.asked - 1)).toBeLessThan(0.01);
  });

  test('lie within their own error where prices scatter by 5 % and rates as their bands say', () => {
    let [within, all] = [0, 0];
    for (let seed = 1; seed <= 12; seed++) {
      const error = scatter(seed);
      // As the bands have it: half of their logarithm, by 1.28 deviations.
      const made = entries.map(({ value }) =>
        typeof value === 'number' ? 1 : Math.exp((error() * Math.log(value[2] / value[0])) / 2.5632),
      );
      const prices = pricesAt(made, () => 0.05 * error());
      const fit = calibrate(prices, SHIPPED_RATES, RATES, false);
      expect(fit.leftOut).toBeNull();
      fit.rates.forEach((r, j) => {
        all++;
        if (Math.abs(r.after - r.before * (made[j] ?? 1)) <= 2 * r.error) within++;
      });
      expect(fit.prices.every((p) => p.pull >= 0 && p.pull <= 1)).toBe(true);
    }
    expect(within / all).toBeGreaterThan(0.8);
  });

  test('are adopted with their bands', () => {
    const [labour] = calibrate(pricesAt(TRUE), SHIPPED_RATES, RATES, false).rates;
    const band = entries[0]?.value;
    if (labour === undefined || typeof band !== 'object' || typeof labour.figure !== 'object')
      throw new Error('no band');
    const factor = labour.after / labour.before;
    labour.figure.forEach((x, i) => expect(x).toBeCloseTo((band[i] ?? NaN) * factor, 9));
  });

  test.each([
    [() => calibrate([], SHIPPED_RATES, RATES), /asked/],
    [() => calibrate(pricesAt(TRUE), SHIPPED_RATES, ['global.none']), /global\.none/],
    [() => calibrate(pricesAt(TRUE), SHIPPED_RATES, []), /paths/],
    [
      () =>
        calibrate(
          [{ id: 'x', priced: { ...priced(500), laneId: 'no-such/lane' }, unit: 1, tooling: null }],
          SHIPPED_RATES,
          RATES,
        ),
      /no-such\/lane/,
    ],
  ])('are refused where there is nothing to fit', (run, message) => {
    expect(run).toThrow(message);
  });
});
