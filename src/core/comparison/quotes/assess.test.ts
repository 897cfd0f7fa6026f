import { describe, expect, test } from 'vitest';
import { keptQuotes, quotesStanding, quotesWords, withQuotes } from '../../decision';
import { lifetimeQuantity } from '../../brief';
import { LINE_IDS } from '../../cost';
import { normaliseQuote, scopeFills, scopeKind, scopeStates, type Quote } from '../../quotes';
import { prepareStudy } from '../../study';
import { briefOf } from '../../testing/demo-briefs';
import { DEMO_QUOTES, DEMO_QUOTE_SETTING } from '../../../server/demo/quotes.data';
import { DEMO_SECOND_OFFERS } from '../../../server/demo/second-offers.data';
import { QUILLMERE_PARTS } from '../../../server/demo/quillmere.data';
import { boardAt } from '../board';
import { askedOf, assessQuotes, negotiation, quoteRequest, type HeldQuote } from '.';

const held = (quote: Quote, more: Partial<HeldQuote> = {}): HeldQuote => ({
  ...{ quote, foundry: `Foundry ${quote.foundryId}`, simulated: false, withdrawn: null },
  ...more,
});

const STUDIES = QUILLMERE_PARTS.map((part) => {
  const brief = briefOf(part);
  const mine = DEMO_QUOTES.filter((d) => d.part === part['id']);
  return {
    ...{ id: String(part['id']), brief, study: prepareStudy(brief), q: lifetimeQuantity(brief) ?? 1 },
    ...{ quotes: mine.map((d) => d.quote), fills: mine.flatMap((d) => d.fills) },
  };
});
type Of = (typeof STUDIES)[number];
const studyOf = (id: string): Of => {
  const found = STUDIES.find((s) => s.id === id);
  if (found === undefined) throw new Error(id);
  return found;
};
const assessed = ({ study, q, quotes, fills }: Of, more: readonly HeldQuote[] = []) =>
  assessQuotes(study, q, [...quotes.map((x) => held(x)), ...more], DEMO_QUOTE_SETTING, fills);

/** A plain quote: so much a piece, with all work in it and nothing for the tool. */
const plain = (laneId: string, price: number, { brief }: Of, more: Partial<Quote> = {}): Quote => {
  const [route = '', variant = ''] = laneId.split('/');
  return {
    ...{ id: 'late', foundryId: 'f-late', route, variant, date: '2027-02-10', validDays: 60, unit: 'each' },
    ...{ currency: 'USD', priceBreaks: [{ from: 1, price }], minOrder: 0, lotCharge: 0 },
    tooling: { mode: 'foundry-pays', first: 0, replacement: 0, ownedBy: 'foundry' },
    ...{ alloy: brief.alloy, scope: [{ line: 'casting', status: 'included' }], exceptions: [], lead: null },
    ...{ capacity: null, incomingBad: 0, decline: null, maxPieces: null, remarks: '' },
    ...more,
  };
};

describe('the quotes of a study', () => {
  test.each(STUDIES.map((s) => [s.id, s] as const))('of %s are told as the equations of quotes have them', (_, s) => {
    const found = assessed(s);
    expect(found.quotes).toHaveLength(s.quotes.length);
    for (const a of found.quotes) {
      const alone = normaliseQuote(a.held.quote, { ...askedOf(s.brief), need: s.q }, DEMO_QUOTE_SETTING, a.fills);
      expect(a.normalised, a.held.quote.id).toEqual(alone);
    }
    const open = found.quotes.filter((a) => a.out === null).map((a) => a.normalised?.price?.perGoodPart ?? Infinity);
    expect([...open].sort((a, b) => a - b)).toEqual(open);
    // Those that have a part stand before those that have none.
    const outs = found.quotes.map((a) => a.out !== null);
    expect(outs.indexOf(true) === -1 || !outs.slice(outs.indexOf(true)).includes(false)).toBe(true);
  });

  test('without any, what leads by quotes is what leads by the model', () => {
    for (const { study, q } of STUDIES) {
      const found = assessQuotes(study, q, [], DEMO_QUOTE_SETTING);
      expect(found.byQuotes).toEqual(found.byModel);
      expect(found.changed).toBe(false);
      expect(found.byModel?.laneId).toBe(boardAt(study, q).leader);
    }
  });

  test.each([
    ['q-pier-foot', 'bonded-sand/pattern', 95.8],
    ['q-gimbal-ring', 'shell-investment/wax-die', 25.6],
    ['q-tripod-hub', 'permanent-mould/tilt', 22.9],
  ])('a cheaper one changes the choice of %s, and the record says why', (id, laneId, price) => {
    const s = studyOf(id);
    const was = assessed(s);
    expect(was.changed).toBe(false);
    const now = assessed(s, [held(plain(laneId, price, s))]);
    expect(now.byQuotes).toMatchObject({ laneId, quoteId: 'late', perGoodPart: price });
    expect(now.changed).toBe(true);
    const kept = keptQuotes(now);
    const words = kept === null ? '' : quotesWords(kept, laneId);
    expect(words).toContain('Foundry f-late asks');
    expect(words).toContain('by the model alone');
    expect(words).toContain('That quote is why this route is chosen.');
    // The choice signed before it came is overturned by it, and again weaker once it is withdrawn.
    const before = { laneId: was.byQuotes?.laneId ?? '', quotes: keptQuotes(was) };
    expect(quotesStanding(before, kept)).toMatchObject({ state: 'overturned' });
    const after = { laneId, quotes: kept };
    expect(quotesStanding(after, kept)).toBeNull();
    const gone = keptQuotes(assessed(s, [held(plain(laneId, price, s), { withdrawn: 'the line is sold' })]));
    expect(quotesStanding(after, gone)).toMatchObject({ state: expect.stringMatching(/weaker|overturned/) as string });
    expect(quotesStanding(after, gone)?.reason).toMatch(/the line is sold|asks/);
  });

  test.each(DEMO_SECOND_OFFERS.map((d) => [d.quote.id, d] as const))(
    'the second offer %s of the demo world changes what leads',
    (_, { part, quote }) => {
      const s = studyOf(part);
      expect(assessed(s).byQuotes?.laneId).not.toBe(`${quote.route}/${quote.variant}`);
      const now = assessed(s, [held(quote)]);
      expect(now.byQuotes).toMatchObject({ laneId: `${quote.route}/${quote.variant}`, quoteId: quote.id });
      expect(now.changed).toBe(true);
    },
  );

  test('one for a route that the book bars is told, and does not lead', () => {
    const s = studyOf('q-tripod-hub');
    const found = assessed(s, [held(plain('green-sand/bench', 1, s))]);
    const late = found.quotes.find((a) => a.held.quote.id === 'late');
    expect(late?.barred.length).toBeGreaterThan(0);
    expect(found.byQuotes?.quoteId).not.toBe('late');
  });

  test.each<[string, Partial<Quote>, RegExp]>([
    ['expired', { date: '2026-11-01', validDays: 10 }, /^Expired: it held until 11 Nov 2026/],
    ['in a currency without a rate', { currency: 'SEK' }, /SEK/],
    ['for another alloy', { alloy: 'zn-zamak-3' }, /another alloy/],
    ['for fewer pieces', { maxPieces: 10 }, /at most 10 pieces/],
    ['a decline', { decline: { reason: 'Too large.', counter: null } }, /^Declined: Too large/],
  ])('one that is %s has no part in the choice', (_, more, why) => {
    const s = studyOf('q-tripod-hub');
    const found = assessed(s, [held(plain('permanent-mould/tilt', 5, s, more))]);
    expect(found.quotes.find((a) => a.held.quote.id === 'late')?.out).toMatch(why);
    expect(found.changed).toBe(false);
  });

  test('a quote for a way without a casting is of that way', () => {
    const s = studyOf('q-gimbal-ring');
    const found = assessed(s, [held(plain('machined/machined', 12, s))]);
    expect(found.byQuotes).toMatchObject({ laneId: 'machined', quoteId: 'late', perGoodPart: 12 });
  });
});

describe('work of a quote', () => {
  test.each([
    ['T6', 'heat'],
    ['stress relief', 'heat'],
    ['reaming of pin holes', 'machining'],
    ['leak test of every part', 'inspection'],
    ['polish on figures', 'coat'],
    ['tumble', 'finishing'],
    ['printed mould', 'casting'],
    ['freight', 'delivery'],
    ['good wishes', undefined],
  ])('%s is %s', (line, kind) => {
    expect(scopeKind(line)?.id).toBe(kind);
  });

  const lines = Object.fromEntries(LINE_IDS.map((id, i) => [id, i + 1])) as Record<(typeof LINE_IDS)[number], number>;

  test('what is left out is filled by the model, each kind once, and by the buyer where he has a price', () => {
    const scope = [
      { line: 'casting', status: 'included' as const },
      { line: 'reaming', status: 'excluded' as const },
      { line: 'tapping', status: 'excluded' as const },
      { line: 'plating', status: 'excluded' as const },
      { line: 'good wishes', status: 'excluded' as const },
    ];
    expect(scopeFills({ scope }, lines, [{ line: 'Plating', price: 1.05, basis: 'ours' }])).toEqual([
      { line: 'reaming', price: lines.machining, basis: 'model' },
      { line: 'tapping', price: 0, basis: 'with the model’s machining to drawing' },
      { line: 'plating', price: 1.05, basis: 'ours' },
    ]);
    expect(scopeFills({ scope }, null, [])).toEqual([]);
    const states = scopeStates({ scope }, lines, scopeFills({ scope }, lines, []));
    expect(Object.fromEntries(states.map((s) => [s.kind, s.state]))).toMatchObject({
      ...{ casting: 'included', machining: 'filled', coat: 'filled', heat: 'unsaid', finishing: 'unsaid' },
    });
  });
});

describe('the negotiation', () => {
  test('adds up to what a good part comes to, the largest gap first', () => {
    for (const s of STUDIES) {
      const found = assessed(s);
      for (const a of found.quotes) {
        const sheet = negotiation(found, a, found.quotes[0] ?? null);
        const price = a.normalised?.price;
        if (price == null) {
          expect(sheet).toBeNull();
          continue;
        }
        const sum = sheet?.gaps.reduce((all, g) => all + g.asked, 0);
        expect(sum, a.held.quote.id).toBeCloseTo(price.perGoodPart, 6);
        const gaps = sheet?.gaps.map((g) => g.gap) ?? [];
        expect([...gaps].sort((x, y) => y - x)).toEqual(gaps);
        for (const b of sheet?.breaks ?? []) {
          expect(b.from).toBeGreaterThan(price.lot);
          expect(b.perGoodPart + b.saved).toBeCloseTo(price.perGoodPart, 9);
        }
      }
    }
  });
});

test('a request lists what is asked, and asks about every rule that its lanes strain', () => {
  const s = studyOf('q-tripod-hub');
  const request = quoteRequest(s.study, ['green-sand/bench', 'gravity-die/hand']);
  expect(request).toMatchObject({ title: 'Tripod hub', asked: { need: 2400, lot: 160 } });
  expect(request.features.map((f) => f.id)).toEqual(s.brief.features.map((f) => f.id));
  expect(request.scope).toEqual(expect.arrayContaining(['casting', 'machining to drawing']));
  const strained = boardAt(s.study, s.q)
    .lanes.filter((l) => l.id === 'green-sand/bench')
    .flatMap((l) => l.findings.filter((f) => f.status === 'tight' || f.status === 'blocked'));
  expect(request.questions.some((x) => strained.some((f) => x.includes(f.reason)))).toBe(true);
  expect(quoteRequest(s.study, []).questions.length).toBeGreaterThan(4);
});

test('by rates and by quotes the graver decides, with both reasons', () => {
  const found = { state: 'weaker' as const, reason: 'Dearer.', explanation: ['Dearer.'], causes: [], plans: null };
  expect(withQuotes(found, null)).toBe(found);
  expect(withQuotes(found, { state: 'overturned', reason: 'A quote.' })).toMatchObject({
    ...{ state: 'overturned', reason: 'A quote.', explanation: ['A quote.'] },
  });
  expect(withQuotes(found, { state: 'weaker', reason: 'A quote.' })).toMatchObject({
    ...{ state: 'weaker', reason: 'Dearer. A quote.' },
  });
});
