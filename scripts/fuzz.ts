import { STUDY_VIEWS } from '../src/ui/study/views';
import { chance, mutant, sent, variant } from './fuzz-mutants';

/** What a run of the fuzzer came to. */
export interface FuzzRun {
  readonly mutants: number;
  readonly accepted: number;
  /** By status. */
  readonly answers: Readonly<Record<string, number>>;
  readonly slowest_ms: number;
  /** Answers of 500 and above, answers over the limit, pages that did not open: with what it takes to make them again. */
  readonly faults: readonly string[];
}

const MOST_MS = 5000;
const MOST_FAULTS = 20;
/** Pages of a study. */
const VIEWS = [...STUDY_VIEWS.map(([view]) => view), 'process-steps'];

/**
 * Sends mutated requests to every handler of a running application and opens pages after what is accepted.
 * @param url of the application; its database is changed: studies and sets of its own are made and mutated
 * @param seed of chance: a run with the same seed on a new database is the same
 * @param views opened after an accepted mutant: all of them, or so many of them in turn
 */
export async function fuzz(
  url: string,
  mutants: number,
  seed: number,
  views: number = VIEWS.length,
  told: (done: number) => void = () => undefined,
): Promise<FuzzRun> {
  const next = chance(seed);
  const answers: Record<string, number> = {};
  const faults: string[] = [];
  let slowest = 0;
  let accepted = 0;
  let turn = 0;
  const fault = (text: string): void => {
    if (faults.length < MOST_FAULTS) faults.push(text);
  };
  const ask = async (method: string, path: string, body?: string, type = 'application/json'): Promise<Response> => {
    const start = performance.now();
    const response = await fetch(url + path, {
      method,
      redirect: 'manual',
      ...(body === undefined ? {} : { body, headers: { 'content-type': type } }),
    });
    await response.clone().arrayBuffer();
    const ms = performance.now() - start;
    slowest = Math.max(slowest, ms);
    const { status } = response;
    answers[status] = (answers[status] ?? 0) + 1;
    const what = `${method} ${path} ${body?.slice(0, 600) ?? ''}`;
    if (status >= 500) fault(`${status}: ${what} → ${(await response.text()).slice(0, 200)}`);
    if (ms > MOST_MS) fault(`${ms.toFixed(0)} ms: ${what}`);
    return response;
  };
  const read = async <T>(path: string): Promise<T> => (await (await fetch(url + path)).json()) as T;
  const make = async <T>(path: string, body?: unknown): Promise<T> => {
    const response = await fetch(url + path, {
      method: 'POST',
      ...(body === undefined ? {} : { body: JSON.stringify(body), headers: { 'content-type': 'application/json' } }),
    });
    if (!response.ok) throw new Error(`POST ${path}: ${response.status} ${await response.text()}`);
    return (await response.json()) as T;
  };

  interface Study {
    readonly id: string;
    readonly version: number;
    readonly school: string;
    readonly brief: object;
    readonly rates: { readonly id: string };
  }
  const demos = (await read<{ studies: { id: string; demo: boolean }[] }>('/api/studies?sort=title&up=1')).studies;
  const first = demos.find((s) => s.demo) ?? demos[0];
  if (first === undefined) throw new Error('no study to begin with');
  let study = await make<Study>(`/api/studies/${first.id}/duplicate`);
  const good = study.brief;
  const set = await make<{ id: string; version: number }>('/api/rates', {
    from: 'shipped-1',
    name: 'Fuzzed',
    who: 'Fuzz',
  });
  let setVersion = set.version;
  await make(`/api/studies/${study.id}/rates`, { rateSetId: set.id, version: study.version });
  study = await read<Study>(`/api/studies/${study.id}`);

  /** Opens views of the study: whatever was accepted must open. */
  const opens = async (): Promise<void> => {
    accepted++;
    for (let k = 0; k < views; k++) await ask('GET', `/studies/${study.id}/${VIEWS[turn++ % VIEWS.length] ?? 'brief'}`);
  };
  const json = (body: unknown): string => sent(mutant(body, next), next);
  const strangeId = (): string =>
    encodeURI(
      ['x', '%zz', study.id.toUpperCase(), `${study.id}0`, '..', 'null', '0', '\u00e9'.repeat(50), `${study.id}%00`][
        Math.floor(next() * 9)
      ] ?? 'x',
    ).replace('%25zz', '%zz');
  const signing = {
    laneId: 'gravity-die/hand',
    quantity: 2400,
    why: 'Least all in, and the shop knows the alloy.',
    signedBy: 'Fuzz',
    signedOn: '2027-01-05',
    version: study.version,
    actions: [{ what: 'Order the tool', owner: 'Vesna', by: '2027-02-01' }],
  };
  const quote = {
    ...{ route: 'gravity-die', variant: 'hand', date: '2026-12-01', validDays: 60, unit: 'kg', quotedMass_kg: 0.7 },
    ...{ currency: 'EUR', priceBreaks: [{ from: 50, price: 24.5 }], minOrder: 20, lotCharge: 65, maxPieces: null },
    tooling: { mode: 'amortised', first: 6500, over: 2000, inPriceEach: 2, life: { v: 9000, unit: 'shots' } },
    clause: { metal: 'aluminium', share: 0.3, baseValue: 2400, todayValue: 2500, date: '2026-11' },
    scope: [
      { line: 'casting', status: 'included' },
      { line: 'T6', status: 'extra', price: 0.6 },
    ],
    exceptions: [{ feature: 'a', offers_mm: 2.5 }],
    lead: { first: { v: 20, unit: 'working days' }, lot: { v: 2, unit: 'weeks' } },
    ...{ capacity: { v: 400, per: 'week' }, incomingBad: 0.02, decline: null, alloy: 'al-a356', remarks: '' },
  };
  /** Quotes are put in, corrected, withdrawn and awarded; what they are compared by is changed; foundries are asked. */
  const quotes = async (): Promise<void> => {
    const at = `/api/studies/${study.id}/quotes`;
    const way = next();
    if (way < 0.45) {
      const body = { who: 'Fuzz', entered: 'typed', quotes: [{ foundryId: 'f-a', supplier: '', quote }] };
      const response = await ask('POST', at, json(body));
      if (response.status !== 201) return;
      accepted++;
      await ask('GET', `${at}?q=${Math.ceil(next() * 1e5)}`);
      await ask(
        'GET',
        `/studies/${study.id}/${['quotes', 'routes', 'calendar', 'decision'][Math.floor(next() * 4)] ?? 'quotes'}`,
      );
      const [id] = ((await response.json()) as { ids: string[] }).ids;
      if (id !== undefined && next() < 0.5) await ask('PUT', `${at}/${id}`, json({ quote, version: 1, who: 'Fuzz' }));
      if (id !== undefined && next() < 0.2) await ask('GET', `${at}/${id}/implied`);
      if (id !== undefined) await ask('POST', `${at}/${id}/withdraw`, json({ who: 'Fuzz', why: 'x' }));
      return;
    }
    if (way < 0.65) {
      const rate = { currency: 'EUR', rate: 1.09, date: '2026-12-01' };
      const scope = { line: 'T6', price: 0.65, basis: 'ours' };
      await ask('PUT', `${at}/setting`, json({ who: 'Fuzz', asOf: '2026-12-20', rate, scope }));
      await ask('GET', at);
    } else if (way < 0.75)
      await ask('POST', `${at}/award`, json({ quoteId: 'x', why: 'for no good reason', currency: 'USD', who: 'Fuzz' }));
    else if (way < 0.85) {
      const lines = [{ foundryId: 'f-a', laneId: 'green-sand/bench' }];
      await ask('POST', `/api/studies/${study.id}/requests`, json({ who: 'Fuzz', lines, answerBy: '2027-01-01' }));
    } else if (way < 0.95)
      await ask('POST', '/api/quotes/read', next() < 0.5 ? 'key,value\nunit,each\n' : json([quote]), 'text/csv');
    else
      for (const path of [
        `/api/requests/${strangeId()}/pdf`,
        `${at}/${strangeId()}/sheet/csv`,
        `/api/quotes?words=${strangeId()}`,
      ])
        await ask('GET', path);
  };
  const acts: readonly (readonly [share: number, act: () => Promise<void>])[] = [
    [0.08, quotes],
    [
      0.34,
      async () => {
        const base = next() < 0.5 ? good : study.brief;
        const body = {
          brief: (next() < 0.6 ? variant : mutant)(base, next),
          school: study.school,
          version: study.version,
          editor: 'fuzz',
        };
        const response = await ask('PUT', `/api/studies/${study.id}`, next() < 0.9 ? sent(body, next) : json(body));
        if (response.status === 200) await opens();
        study = await read<Study>(`/api/studies/${study.id}`);
      },
    ],
    [
      0.08,
      async () => void (await ask('POST', '/api/evaluate', json({ brief: good, school: 'published', quantity: 500 }))),
    ],
    [
      0.06,
      async () => {
        const file = { format: 'nine-pours-study', version: 1, school: 'published', brief: good };
        const response = await ask('POST', '/api/import', json(file));
        if (response.status !== 201) return;
        accepted++;
        const { id } = (await response.json()) as { id: string };
        await ask('GET', `/studies/${id}/${VIEWS[turn++ % VIEWS.length] ?? 'brief'}`);
        await ask('POST', `/api/studies/${id}/archive`);
      },
    ],
    [
      0.04,
      async () => void (await ask('POST', '/api/studies', json({ brief: good, school: 'published', editor: 'fuzz' }))),
    ],
    [
      0.14,
      async () => {
        const change = {
          figures: { 'global.Rmc': [60, 80, 110], 'global.Rlab': [20, 30, 45] },
          holidays: ['2027-12-24'],
          currency: 'EUR',
          name: 'Fuzzed',
        };
        const body = {
          change: (next() < 0.5 ? variant : mutant)(change, next),
          version: setVersion,
          who: 'Fuzz',
          why: 'x',
        };
        const response = await ask('PUT', `/api/rates/${set.id}`, sent(body, next));
        if (response.status === 200) {
          await opens();
          await ask('GET', `/rates/${set.id}`);
        }
        setVersion = (await read<{ ref: { version: number } }>(`/api/rates/${set.id}`)).ref.version;
      },
    ],
    [
      0.04,
      async () =>
        void (await ask('POST', `/api/rates/${set.id}/effect`, json({ figures: { 'global.Rmc': [1, 2, 3] } }))),
    ],
    [
      0.03,
      async () =>
        void (await ask('POST', `/api/rates/${set.id}/csv`, json({ csv: 'path,low,likely,high\nglobal.Rmc,1,2,3\n' }))),
    ],
    [
      0.05,
      async () => void (await ask('POST', `/api/studies/${study.id}/decisions`, json({ ...signing, version: 1 }))),
    ],
    [
      0.03,
      async () =>
        void (await ask(
          'PUT',
          '/api/weights',
          json({ weights: { cost: 5, first: 1, operations: 1, reserve: 1, scrap: 1 }, who: 'Fuzz' }),
        )),
    ],
    [
      0.03,
      async () =>
        void (await ask(
          'POST',
          '/api/part-files',
          json({ name: 'a.stl', bytes: 100, sha256: 'a'.repeat(64), chunks: 1 }),
        )),
    ],
    [0.02, async () => void (await ask('PUT', `/api/part-files/${study.id}/still`, json({}), 'image/png'))],
    [
      0.02,
      async () =>
        void (await ask(
          'PUT',
          `/api/part-files/${study.id}/measures?by=${strangeId()}`,
          `\u001f${json({})}`,
          'application/octet-stream',
        )),
    ],
    [
      0.03,
      async () =>
        void (await ask(
          'POST',
          `/api/studies/${study.id}/${['rates', 'settle', 'restore', 'x', 'revisions/1/restore'][Math.floor(next() * 5)] ?? 'x'}`,
          json({ rateSetId: set.id, version: 1, refusedId: study.id, editor: 'fuzz' }),
        )),
    ],
    [
      0.06,
      async () => {
        const path =
          [
            '/studies/ID/routes',
            '/api/studies/ID',
            '/api/studies/ID/export',
            '/api/studies/ID/comparison?quantity=Q',
            '/api/rates/ID',
            '/rates/ID',
            '/api/part-files/ID',
            '/api/studies/ID/decisions/ID/record/pdf',
            '/api/standings?decision=ID',
            '/api/part-files/ID/measures?by=ID',
            '/api/jobs/ID',
          ][Math.floor(next() * 11)] ?? '/';
        await ask('GET', path.replaceAll('ID', strangeId()).replace('Q', String(next() * 1e9 - 5e8)));
      },
    ],
    [
      0.05,
      async () => {
        const odd = (): string =>
          encodeURIComponent(
            String(
              ['', '-1', '1e99', 'title', "'", '%', 'x'.repeat(300), '\u0000', '\uFFFD', '50'][Math.floor(next() * 10)],
            ),
          );
        await ask('GET', `/api/studies?search=${odd()}&sort=${odd()}&page=${odd()}&up=${odd()}&archived=${odd()}`);
        await ask('GET', `/?search=${odd()}&page=${odd()}`);
      },
    ],
  ];
  for (let i = 0; i < mutants; i++) {
    let at = next() * acts.reduce((sum, [share]) => sum + share, 0);
    const act = acts.find(([share]) => (at -= share) < 0)?.[1] ?? acts[0]?.[1];
    await act?.();
    if (i % 100 === 99) told(i + 1);
  }
  const health = await ask('GET', '/api/health');
  if (health.status !== 200) fault(`health: ${health.status}`);
  return { mutants, accepted, answers, slowest_ms: slowest, faults };
}
