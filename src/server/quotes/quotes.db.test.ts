import { afterAll, beforeAll, describe, expect, test, vi } from 'vitest';
import { quoteRequest, type HeldQuote } from '@/core/comparison/quotes';
import type { Quote } from '@/core/quotes';
import { prepareStudy } from '@/core/study';
import { bracket } from '@/core/testing/demo-briefs';
import { boardAt } from '@/core/comparison/board';
import { Desk, deskRequestSchema } from '@/desk/desk';
import { reading } from '../db';
import { getDecision } from '../decisions';
import { FOUNDRIES } from '../demo/foundries.data';
import { createFoundry } from '../foundries';
import { renewed, standingOfDecision } from '../results';
import { signDecision } from '../signing';
import { createStudy, getStudy } from '../studies';
import { closeAll } from '../testing/close-all';
import { freshDatabase } from '../testing/test-database';
import { rows } from '../db';
import {
  addQuotes,
  award,
  collectReplies,
  compareOn,
  enterExchangeRate,
  enterScopePrice,
  getQuote,
  getRequest,
  handToDesk,
  heldQuotes,
  listQuotes,
  listRequests,
  openRequests,
  quoteCount,
  saveQuote,
  sendRequest,
  settleLine,
  studyQuotes,
  withdrawQuote,
  type NewQuote,
} from '.';

beforeAll(async () => {
  await freshDatabase('quotes');
  for (const { id, name, note, profile } of FOUNDRIES) await createFoundry({ name, note, profile }, 'Ilse Varga', id);
});
afterAll(closeAll);

const DAY = '2027-02-15';
const study = async (): Promise<string> => {
  const { id } = await createStudy(bracket(), { school: 'published' });
  await compareOn(id, DAY, 'Ilse Varga');
  return id;
};
const quote = (price: number, laneId = 'gravity-die/hand', more: Partial<Quote> = {}): Quote => {
  const [route = '', variant = ''] = laneId.split('/');
  return {
    ...{ id: 'new', foundryId: 'new', route, variant, date: '2027-02-10', validDays: 60, unit: 'each' as const },
    ...{ currency: 'USD', priceBreaks: [{ from: 1, price }], minOrder: 0, lotCharge: 0 },
    tooling: { mode: 'foundry-pays', first: 0, replacement: 0, ownedBy: 'foundry' },
    ...{ alloy: null, scope: [{ line: 'casting', status: 'included' as const }], exceptions: [], lead: null },
    ...{ capacity: null, incomingBad: 0, decline: null, maxPieces: null, remarks: '' },
    ...more,
  };
};
const given = (q: Quote, more: Partial<NewQuote> = {}): NewQuote & { lineId: string | null } => ({
  ...{ quote: q, foundryId: FOUNDRIES[0]?.id ?? null, supplier: '', entered: 'typed', simulated: false },
  ...{ requestId: null, who: 'Jory Lund', why: 'by mail', lineId: null },
  ...more,
});
const put = async (studyId: string, q: Quote, more: Partial<NewQuote> = {}): Promise<string> => {
  const added = await addQuotes(studyId, [given(q, more)]);
  const [id] = added.outcome === 'added' ? added.ids : [];
  if (id === undefined) throw new Error('not added');
  return id;
};

describe('a quote', () => {
  test('is kept to the letter with who, when and why; corrected against races, withdrawn and restored', async () => {
    const id = await study();
    const quoteId = await put(id, quote(24.5, 'gravity-die/hand', { remarks: 'Zwölf – 日本 \u{1F525}' }));
    const kept = await getQuote(id, quoteId);
    expect(kept?.quote).toEqual({
      ...quote(24.5),
      remarks: 'Zwölf – 日本 \u{1F525}',
      id: quoteId,
      foundryId: FOUNDRIES[0]?.id,
    });
    expect(kept).toMatchObject({ foundry: FOUNDRIES[0]?.name, version: 1, entered: 'typed', withdrawn: null });
    const edit = { quote: quote(23), version: 1, who: 'Jory Lund', why: 'read wrongly' };
    expect(await saveQuote(id, quoteId, edit)).toEqual({ outcome: 'saved', version: 2 });
    expect(await saveQuote(id, quoteId, edit)).toEqual({ outcome: 'conflict', version: 2 });
    expect(await saveQuote(await study(), quoteId, { ...edit, version: 2 })).toEqual({ outcome: 'missing' });
    expect(await withdrawQuote(id, quoteId, 'a slip', 'Jory Lund')).toMatchObject({ outcome: 'saved' });
    expect((await getQuote(id, quoteId))?.withdrawn).toBe('a slip');
    await withdrawQuote(id, quoteId, null, 'Jory Lund');
    const found = await studyQuotes(id, 'USD');
    expect(found.quotes[0]?.withdrawn).toBeNull();
    expect(found.changes.map((c) => [c.what, c.why]).reverse()).toEqual([
      ['received', 'by mail'],
      ['corrected', 'read wrongly'],
      ['withdrawn', 'a slip'],
      ['restored', ''],
    ]);
    expect(await quoteCount(id)).toBe(1);
  });

  test('of a foundry that is not on the list is refused, of another supplier kept by its name', async () => {
    const id = await study();
    const two = [given(quote(4)), given(quote(3), { foundryId: 'no-such' })];
    expect(await addQuotes(id, two)).toEqual({ outcome: 'no-foundry', at: 1 });
    expect(await quoteCount(id)).toBe(0);
    const quoteId = await put(id, quote(3, 'machined/machined'), { foundryId: null, supplier: 'Shop of the harbour' });
    expect(await getQuote(id, quoteId)).toMatchObject({ foundry: 'Shop of the harbour', foundryId: null });
  });

  test('that this build does not read is told of, and the others stand', async () => {
    const id = await study();
    const [good, bad] = [await put(id, quote(20)), await put(id, quote(21))];
    await reading((on) => rows(on, `UPDATE quotes SET body = '{"price": "dear"}' WHERE id = ?`, [bad]));
    const found = await studyQuotes(id, 'USD');
    expect(found.quotes.map((q) => q.quote.id)).toEqual([good]);
    expect(found.unread).toEqual([bad]);
  });
});

test('quotes are compared by the day chosen, the latest rate up to it, and prices of work that were entered', async () => {
  const id = await study();
  const rate = { of: 'EUR', in: 'USD', source: '', who: 'Ilse Varga' };
  await enterExchangeRate({ ...rate, seenOn: '2027-02-01', rate: 1.08 });
  await enterExchangeRate({ ...rate, seenOn: '2027-02-12', rate: 1.09 });
  await enterExchangeRate({ ...rate, seenOn: '2027-03-01', rate: 1.2 });
  await enterScopePrice(id, 'T6', { price: 0.65, basis: 'ours' }, 'Ilse Varga');
  const { setting, given: prices } = await heldQuotes(id, 'USD');
  expect(setting).toMatchObject({ asOf: DAY, rates: { EUR: { rate: 1.09, date: '2027-02-12' }, USD: { rate: 1 } } });
  expect(prices).toEqual([{ line: 'T6', price: 0.65, basis: 'ours' }]);
  await enterScopePrice(id, 'T6', null, 'Ilse Varga');
  await compareOn(id, null, 'Ilse Varga');
  const now = await studyQuotes(id, 'USD');
  expect([now.given, now.asOf]).toEqual([[], null]);
});

test('an award names a quote of the study, the one in reserve and why; taken back it is not forgotten', async () => {
  const id = await study();
  const [first, second] = [await put(id, quote(20)), await put(id, quote(21))];
  const of = { why: 'cheapest by far', perGoodPart: 20, quantity: 500, currency: 'USD', who: 'Ilse Varga' };
  expect(await award(id, { ...of, quoteId: first, runnerUpId: second })).toBe(true);
  expect(await award(id, { ...of, quoteId: 'no-such', runnerUpId: null })).toBe(false);
  expect(await award(await study(), { ...of, quoteId: first, runnerUpId: null })).toBe(false);
  await award(id, { ...of, quoteId: null, runnerUpId: null, why: 'the line is sold', perGoodPart: null });
  const { awards } = await studyQuotes(id, 'USD');
  expect(awards.map((a) => [a.quoteId, a.runnerUpId, a.why])).toEqual([
    [null, null, 'the line is sold'],
    [first, second, 'cheapest by far'],
  ]);
});

describe('a signed decision', () => {
  test('keeps the quotes it was signed with, and is looked at again when one comes in, expires or is withdrawn', async () => {
    const id = await study();
    const made = await getStudy(id);
    const leader = boardAt(prepareStudy(bracket()), 500).leader ?? '';
    const own = await put(id, quote(1.5, leader));
    const signed = await signDecision(id, {
      ...{
        laneId: leader,
        quantity: 500,
        why: 'the quote is the best there is',
        signedBy: 'Ilse Varga',
        signedOn: DAY,
      },
      ...{ version: made?.version ?? 0, plan: false, drawn: { seed: 3, spread: 'pert', demand: false }, actions: [] },
    });
    if (signed.outcome !== 'signed') throw new Error(JSON.stringify(signed));
    const { id: decisionId } = signed.decision;
    const record = await getDecision(id, decisionId);
    expect(record?.snapshot.quotes?.byQuotes).toMatchObject({ laneId: leader, quoteId: own });
    expect((await standingOfDecision(decisionId))?.state).toBe('stands');
    const other = await put(
      id,
      quote(1.2, leader === 'gravity-die/hand' ? 'permanent-mould/tilt' : 'gravity-die/hand'),
    );
    expect(await standingOfDecision(decisionId)).toMatchObject({
      state: 'overturned',
      reason: expect.stringContaining('asks 1.20 USD per good part') as string,
    });
    await withdrawQuote(id, other, 'a slip', 'Jory Lund');
    expect((await standingOfDecision(decisionId))?.state).toBe('stands');
    await compareOn(id, '2027-06-01', 'Ilse Varga');
    expect(await standingOfDecision(decisionId)).toMatchObject({
      state: 'weaker',
      reason: expect.stringContaining('Expired: it held until 11 Apr 2027') as string,
    });
    await renewed();
  });
});

describe('a request', () => {
  const ask = async (id: string, byDesk: boolean, answerBy: string | null = null) => {
    const asked = quoteRequest(prepareStudy(bracket()), ['gravity-die/hand']);
    const lines = FOUNDRIES.slice(0, 3).map((f) => ({ foundryId: f.id, laneId: 'gravity-die/hand' }));
    const requestId = await sendRequest(id, { asked, lines, answerBy, byDesk, who: 'Ilse Varga' });
    const request = requestId === null ? undefined : await getRequest(requestId);
    if (request === undefined) throw new Error('not sent');
    return request;
  };

  test('is kept as it was asked, numbered, and told on the first page until it is answered', async () => {
    const id = await study();
    const first = await ask(id, false, '2027-03-01');
    const second = await ask(id, false, '2027-02-20');
    expect([first.number, second.number]).toEqual([1, 2]);
    expect(first.asked.features.length).toBe(bracket().features.length);
    const mine = (await openRequests()).filter((r) => r.studyId === id);
    expect(mine.map((r) => [r.number, r.open, r.asked])).toEqual([
      [2, 3, 3],
      [1, 3, 3],
    ]);
    const [line, ...others] = second.lines;
    await addQuotes(id, [{ ...given(quote(20)), lineId: line?.id ?? null, requestId: second.id, entered: 'sheet' }]);
    for (const l of others) await settleLine(l.id, 'closed', 'no answer');
    const now = await listRequests(id);
    expect(now[1]?.lines.map((l) => l.state).sort()).toEqual(['answered', 'closed', 'closed']);
    expect((await openRequests()).filter((r) => r.studyId === id)).toHaveLength(1);
    const lines = [{ foundryId: 'no-such', laneId: 'gravity-die/hand' }];
    expect(await sendRequest(id, { asked: first.asked, lines, answerBy: null, byDesk: false, who: 'x' })).toBeNull();
  });

  test('that the desk answers fills with quotes marked as simulated; a desk that forgot is handed it again', async () => {
    const id = await study();
    const made = await getStudy(id);
    if (made === undefined) throw new Error('no study');
    let desk = new Desk('seed', 0, () => 1);
    let silent = false;
    vi.stubEnv('QUOTE_DESK_URL', 'http://127.0.0.1:9/');
    vi.stubGlobal('fetch', async (url: URL, init: RequestInit) => {
      if (silent) throw new Error('no line');
      if (init.method === 'POST') {
        const refusal = desk.take(deskRequestSchema.parse(JSON.parse(init.body as string)));
        return Response.json(refusal === null ? {} : { message: refusal }, { status: refusal === null ? 202 : 400 });
      }
      const answer = desk.answer(url.pathname.split('/')[2] ?? '');
      return Promise.resolve(Response.json(answer ?? {}, { status: answer === undefined ? 404 : 200 }));
    });
    try {
      const request = await ask(id, true);
      await handToDesk(request, made, DAY);
      silent = true;
      expect(await collectReplies(made, DAY)).toMatchObject({ quotes: 0, waiting: 3 });
      silent = false;
      desk = new Desk('seed', 0, () => 1);
      expect(await collectReplies(made, DAY)).toMatchObject({ waiting: 3 });
      // Two pages that ask at once put nothing in twice.
      const both = await Promise.all([collectReplies(made, DAY), collectReplies(made, DAY)]);
      const sum = (key: 'quotes' | 'declined' | 'unread'): number => both[0][key] + both[1][key];
      const got = { quotes: sum('quotes'), declined: sum('declined'), unread: sum('unread') };
      expect(got.quotes + got.declined + Math.min(1, got.unread)).toBeGreaterThan(0);
      const { quotes } = await studyQuotes(id, 'USD');
      expect(quotes).toHaveLength(got.quotes + got.declined);
      expect(new Set(quotes.map((x) => x.foundry)).size).toBe(quotes.length);
      expect(quotes.every((q: HeldQuote) => q.simulated)).toBe(true);
      expect(await collectReplies(made, DAY)).toMatchObject({ quotes: 0, waiting: 0 });
    } finally {
      vi.unstubAllEnvs();
      vi.unstubAllGlobals();
    }
  });
});

test('the list of all quotes is searched and paged in the database', async () => {
  const id = await study();
  await addQuotes(
    id,
    Array.from({ length: 120 }, (_, i) => given(quote(10 + i), { foundryId: null, supplier: `Harbour 100% ${i}_` })),
  );
  const first = await listQuotes('Harbour 100%', 0);
  expect([first.lines.length, first.more]).toEqual([100, true]);
  const rest = await listQuotes('Harbour 100%', 100);
  expect([rest.lines.length, rest.more]).toEqual([20, false]);
  expect(new Set([...first.lines, ...rest.lines].map((l) => l.id)).size).toBe(120);
  expect((await listQuotes('Harbour 100_', 0)).lines).toEqual([]);
});
