import { parseBrief, type Brief } from '@/core/brief';
import { transaction, type Runner } from '../db';
import { insertMark, isMarked, selectDemoStudies } from './queries';
import { insertBrief, insertStudy } from '../studies/queries';
import { SHIPPED_RATES } from '@/core/rates';
import { randomUUID } from 'node:crypto';
import { insertChange, insertRateSet, putFigure, updateRateSet } from '../rates/queries';
import { insertFoundry } from '../foundries/queries';
import { putBoughtParts } from '../bought-parts/queries';
import { insertPrice, insertTeamAlloy } from '../team-alloys/queries';
import { FOUNDRIES } from './foundries.data';
import { BOUGHT_PARTS } from './bought-parts.data';
import { addQuoteOn } from '../quotes/repo';
import { putAsOf, putExchangeRate, putScopePrice } from '../quotes/queries';
import { DEMO_SECOND_OFFERS } from './second-offers.data';
import { DEMO_QUOTE_SETTING, DEMO_QUOTES, DEMO_SUPPLIERS } from './quotes.data';
import { DEMO_ALLOY } from './team-alloys.data';
import { keepWholeFile } from '../part-files/keep';
import { PARTNER_RATES } from './partner-rates.data';
import { demoFile, withDemoModel } from './part-models';
import { QUILLMERE_PARTS } from './quillmere.data';

/** The day the demo world stands at: orders are reckoned from here. */
const DEMO_DAY = '2027-01-04';

/** The mark of a database that had the demo studies once. */
const SEEDED = 'demo-seeded';

/** The demo briefs, checked. */
export function demoBriefs(): Brief[] {
  return QUILLMERE_PARTS.map((part) => {
    const result = parseBrief(part);
    if (!result.ok) throw new Error(`Demo part ${String(part['id'])}: ${JSON.stringify(result.issues)}`);
    return { ...result.brief, quantity: { ...result.brief.quantity, orderDate: DEMO_DAY } };
  });
}

/**
 * Puts the demo studies into a database that never had them. A mark remembers it, so that studies
 * deleted or archived by the user do not come back at the next start.
 */
export async function seedDemo(on: Runner): Promise<number> {
  await seedFoundries(on);
  await seedAlloy(on);
  await seedBoughtParts(on);
  const put = (await isMarked(on, SEEDED)) ? 0 : await seedStudies(on);
  await seedQuotes(on);
  return put;
}

/** The demo studies, and rates of the demo world's own. @returns how many studies */
async function seedStudies(on: Runner): Promise<number> {
  const briefs = demoBriefs();
  for (const brief of [...briefs].reverse()) await putDemoStudy(on, brief);
  await seedPartnerRates(on);
  await insertMark(on, SEEDED);
  return briefs.length;
}

/** The mark of a database that had the demo quotes once. */
const QUOTES_SEEDED = 'demo-quotes-seeded';

/** The quotes of the demo world on its demo studies, once; of a study that was deleted there are none. */
async function seedQuotes(on: Runner): Promise<void> {
  if (await isMarked(on, QUOTES_SEEDED)) return;
  const { who } = PARTNER_RATES;
  const { asOf, currency, rates } = DEMO_QUOTE_SETTING;
  for (const [of, { rate, date }] of Object.entries(rates))
    if (of !== currency)
      await putExchangeRate(on, { of, in: currency, seenOn: date, rate, source: 'the bank of the demo world', who });
  const studies = new Map((await selectDemoStudies(on)).map(({ title, id }) => [title, id]));
  const titles = new Map(QUILLMERE_PARTS.map((part) => [part['id'], String(part['title'])]));
  const foundries = new Set(FOUNDRIES.map((f) => f.id));
  for (const { part, quote, fills } of [...DEMO_QUOTES, ...DEMO_SECOND_OFFERS]) {
    const studyId = studies.get(titles.get(part) ?? '');
    if (studyId === undefined) continue;
    const foundryId = foundries.has(quote.foundryId) ? quote.foundryId : null;
    await addQuoteOn(
      on,
      studyId,
      {
        ...{ quote, foundryId, supplier: DEMO_SUPPLIERS[quote.foundryId] ?? quote.foundryId },
        ...{ entered: 'typed', simulated: false, requestId: null, who, why: 'as received' },
      },
      quote.id,
    );
    for (const { line, price, basis } of fills) await putScopePrice(on, { studyId, line, price, basis, who });
    await putAsOf(on, studyId, asOf, who);
  }
  await insertMark(on, QUOTES_SEEDED);
}

/** The mark of a database that had the demo foundries once. */
const FOUNDRIES_SEEDED = 'demo-foundries-seeded';

/** The foundries of the demo world, once. */
async function seedFoundries(on: Runner): Promise<void> {
  if (await isMarked(on, FOUNDRIES_SEEDED)) return;
  for (const { id, name, note, profile } of FOUNDRIES)
    await insertFoundry(on, { id, name, note, profile, who: PARTNER_RATES.who });
  await insertMark(on, FOUNDRIES_SEEDED);
}

/** The mark of a database that had the demo alloy once. */
const ALLOY_SEEDED = 'demo-alloy-seeded';

/** An alloy of the demo world's own with its price, once; no demo study is of it. */
async function seedAlloy(on: Runner): Promise<void> {
  if (await isMarked(on, ALLOY_SEEDED)) return;
  const { price, ...alloy } = DEMO_ALLOY;
  await insertTeamAlloy(on, { ...alloy, who: PARTNER_RATES.who });
  await insertPrice(on, { alloyId: alloy.id, ...price, who: PARTNER_RATES.who });
  await insertMark(on, ALLOY_SEEDED);
}

/** The mark of a database that had the demo list of bought parts once. */
const PARTS_SEEDED = 'demo-bought-parts-seeded';

/** The bought parts of the demo world, once. */
async function seedBoughtParts(on: Runner): Promise<void> {
  if (await isMarked(on, PARTS_SEEDED)) return;
  await putBoughtParts(on, BOUGHT_PARTS, PARTNER_RATES.who);
  await insertMark(on, PARTS_SEEDED);
}

/** One demo study with its part file. @returns its id */
async function putDemoStudy(on: Runner, brief: Brief): Promise<string> {
  const id = randomUUID();
  const fileId = randomUUID();
  const file = demoFile(brief.title);
  if (file !== undefined) await keepWholeFile(on, fileId, file.name, file.bytes, file.still);
  await insertStudy(on, { id, title: brief.title, school: 'published', rateSetId: SHIPPED_RATES.id, demo: true });
  await insertBrief(on, id, 1, 'demo', file === undefined ? brief : withDemoModel(brief, fileId));
  return id;
}

/** The part a newcomer looks at first: three routes lead it in turn as the quantity grows. */
const EXAMPLE = 'Tripod hub';

/** Puts the example study in, with its part file. @returns its id */
export async function putExample(): Promise<string> {
  const brief = demoBriefs().find((b) => b.title === EXAMPLE);
  if (brief === undefined) throw new Error(`no demo part ${EXAMPLE}`);
  return transaction((on) => putDemoStudy(on, brief));
}

/** A rate set of the demo world's own, as if its buyer had put the year's agreement in; no demo study uses it. */
async function seedPartnerRates(on: Runner): Promise<void> {
  const id = randomUUID();
  const { name, who, why, holidays, figures } = PARTNER_RATES;
  const currency = SHIPPED_RATES.currency.code;
  await insertRateSet(on, { id, name, currency, copiedFrom: SHIPPED_RATES.id, holidays: [], who });
  for (const [path, value] of Object.entries(figures)) {
    await putFigure(on, id, path, value);
    await insertChange(on, { id, version: 2, who, why, path, was: null, became: value });
  }
  await insertChange(on, { id, version: 2, who, why, path: 'calendar.holidays', was: [], became: holidays });
  await updateRateSet(on, { id, name, currency, version: 2, holidays, who });
}
