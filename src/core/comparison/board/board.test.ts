import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { lifetimeQuantity } from '../../brief';
import { ownRates, SHIPPED_RATES } from '../../rates';
import { bracket, briefOf } from '../../testing/demo-briefs';
import { QUILLMERE_PARTS } from '../../../server/demo/quillmere.data';
import { bestLayout, prepareStudy, survives, type Study } from '../../study';
import {
  boardAt,
  COLUMNS,
  crossings,
  crossingsOf,
  evaluate,
  leaderAt,
  railQuantities,
  ribbon,
  verdictSentence,
  RAIL_MAX,
  winnerRuns,
  winnerRunsFound,
} from '.';

const studies = QUILLMERE_PARTS.map((part) => prepareStudy(briefOf(part)));

test('each demo part is led by the route it was drawn for', () => {
  const leaders = studies.map((s) => leaderAt(s, lifetimeQuantity(s.brief) ?? 1));
  expect(leaders).toEqual([
    'green-sand/bench',
    'bonded-sand/pattern',
    'plaster/resin',
    'shell-investment/wax-die',
    'flask-investment/rubber-mould',
    'gravity-die/hand',
    'permanent-mould/tilt',
    'pressure-die/cold',
    'spin/silicone-rubber',
  ]);
});

describe('rates a thousand times too high', () => {
  const wild = (usd_h: number) =>
    ownRates(SHIPPED_RATES, 'wild', 'Wild', { figures: { 'global.Rmc': [usd_h, usd_h, usd_h] }, holidays: [] });
  const MOST = 20_000;
  /** The runs of a study within a budget, and the totals it took them to find. */
  const counted = (study: Study): { found: ReturnType<typeof winnerRunsFound>; looks: number } => {
    let looks = 0;
    for (const lane of study.lanes)
      for (const cost of lane.costs) {
        const total = cost.total.bind(cost);
        cost.total = (q: number) => {
          looks++;
          return total(q);
        };
      }
    return { found: winnerRunsFound(study, RAIL_MAX, MOST), looks };
  };
  test.each([80_000, 5_000_000])(
    '%d USD/h for machining: the search ends at its budget and says up to where it is exact',
    (usd) => {
      const cut = QUILLMERE_PARTS.map((part) => {
        const study = prepareStudy(briefOf(part), 'published', wild(usd));
        const { found, looks } = counted(study);
        // Every 2 % of the rail by all layouts is what may come on top.
        const layouts = study.lanes.reduce((sum, lane) => sum + lane.costs.length, 0);
        expect(looks).toBeLessThan(MOST + 1500 * 3 * layouts);
        const runs = found.runs;
        runs.slice(1).forEach((run, i) => expect(run.from).toBe((runs[i]?.to ?? 0) + 1));
        if (runs.length > 0) expect([runs[0]?.from, runs.at(-1)?.to]).toEqual([1, RAIL_MAX]);
        const plain = prepareStudy(briefOf(part), 'published', wild(usd));
        const upTo = Math.min(400, found.exactTo ?? 400);
        for (let q = 1; q <= upTo; q += 7) expect(runs.find((r) => q <= r.to)?.laneId ?? null).toBe(leaderAt(plain, q));
        return found.exactTo;
      });
      expect(cut.some((exactTo) => exactTo !== null)).toBe(true);
    },
  );
  test('at usual rates every quantity is told exactly', () => {
    for (const study of studies) expect(winnerRunsFound(study).exactTo, study.brief.title).toBeNull();
  });
});

describe.each(studies.map((s) => [s.brief.title, s] as const))('%s', (_, study) => {
  test('the runs are exact: a plain scan of every quantity to 6 000 agrees', () => {
    const runs = winnerRuns(study, 6000);
    expect(runs[0]?.from).toBe(1);
    expect(runs.at(-1)?.to).toBe(6000);
    for (const run of runs)
      for (let q = run.from; q <= run.to; q++) expect(leaderAt(study, q), `q ${q}`).toBe(run.laneId);
  });

  test('no cell of the board is empty without a reason', () => {
    for (const q of [1, 300, 1_000_000]) {
      for (const lane of boardAt(study, q, '2027-01-04').lanes) {
        for (const column of COLUMNS) {
          const cell = lane.cells[column];
          expect(cell.reason, `${lane.id} ${column}`).not.toBe('');
        }
        expect(lane.money !== null || (lane.uncosted ?? '') !== '').toBe(true);
      }
    }
  });

  test('T never falls, lines add up to the unit price, and T is tooling and lots', () => {
    const open = study.lanes.filter((e) => e.costs.length > 0);
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 999_999 }), fc.integer({ min: 0, max: open.length - 1 }), (q, i) => {
        const entry = open[i];
        if (!entry) return;
        expect(bestLayout(entry, q + 1)?.total).toBeGreaterThan((bestLayout(entry, q)?.total ?? 0) - 1e-6);
        const lane = boardAt(study, q).lanes.find((l) => l.id === entry.lane.id);
        const sum = Object.values(lane?.money?.lines ?? {}).reduce((a, b) => a + b, 0);
        expect(sum / (lane?.money?.unit ?? 1)).toBeCloseTo(1, 9);
      }),
      { numRuns: 40 },
    );
  });

  test('the leader of the board is the leader of the ribbon, and leads at the least total', () => {
    for (const { q, laneId } of ribbon(study, 60)) {
      const board = boardAt(study, q);
      expect(board.leader).toBe(laneId);
      const totals = board.lanes
        .filter((l) => l.status !== 'blocked' && l.money)
        .map((l) => l.money?.total ?? Infinity);
      if (laneId !== null) expect(board.lanes.find((l) => l.id === laneId)?.money?.total).toBe(Math.min(...totals));
    }
  });
});

test('a brief that says nothing of quantity is costed all the same: the programme is one lot', () => {
  for (const part of QUILLMERE_PARTS) {
    const bare = prepareStudy(briefOf({ ...part, quantity: {} }));
    for (const q of [1, 100, 20_000]) {
      const costed = boardAt(bare, q).lanes.filter((l) => l.money !== null);
      for (const lane of costed) expect(lane.money?.allIn, `${bare.brief.title} ${lane.id}`).toBeGreaterThan(0);
      const lotted = prepareStudy(briefOf({ ...part, quantity: { lot: q } }));
      for (const lane of costed)
        expect(lane.money?.total).toBeCloseTo(
          boardAt(lotted, q).lanes.find((l) => l.id === lane.id)?.money?.total ?? NaN,
          6,
        );
    }
  }
});

test('crossings: clean changes, a band of flicker told once, flicker that changes nothing', () => {
  const run = (from: number, to: number, laneId: string) => ({ from, to, laneId });
  expect(crossingsOf([run(1, 99, 'a/x'), run(100, 1000, 'b/x')])).toEqual([
    {
      kind: 'change',
      from: 'a/x',
      to: 'b/x',
      first: 100,
      last: 100,
      changes: 1,
      lanes: ['a/x', 'b/x'],
      routeChanges: true,
    },
  ]);
  const band = crossingsOf([run(1, 99, 'a/x'), run(100, 101, 'b/x'), run(102, 104, 'a/x'), run(105, 1000, 'b/x')]);
  expect(band).toHaveLength(1);
  expect(band[0]).toMatchObject({ kind: 'change', first: 100, last: 105, changes: 3 });
  const still = crossingsOf([run(1, 99, 'a/x'), run(100, 101, 'a/y'), run(102, 1000, 'a/x')]);
  expect(still[0]).toMatchObject({ kind: 'flicker', from: 'a/x', to: 'a/x', routeChanges: false });
  expect(crossingsOf([run(1, 1000, 'a/x')])).toEqual([]);
});

test('the rail runs from 1 to a million in whole, rising steps', () => {
  const rail = railQuantities(240);
  expect(rail[0]).toBe(1);
  expect(rail.at(-1)).toBe(1_000_000);
  expect(rail.every((q, i) => i === 0 || q > (rail[i - 1] ?? 0))).toBe(true);
});

describe('the verdict', () => {
  test('says who leads, by how much, when, and how far it holds', () => {
    const e = evaluate(bracket());
    expect(e.verdict).toMatch(
      /^.+ is cheapest at 2\u202f000 pieces: [\d.]+ USD per part, [\d.]+ USD \(\d+ %\) less than .+\./,
    );
    expect(e.verdict).toMatch(/First good parts in [\d.]+ weeks/);
    expect(e.verdict).toMatch(/This holds/);
  });
  test('says what is missing when nothing can be compared', () => {
    const study = prepareStudy(briefOf({ title: 'Empty' }));
    expect(verdictSentence(boardAt(study, 10), [], 'USD')).toContain('the brief needs the alloy');
  });
});

test('inside a band of flicker the verdict says so, and outside it where the lead holds', () => {
  const hub = studies[5] as (typeof studies)[number];
  const all = crossings(hub);
  const band = all.find((c) => c.kind === 'change' && c.last > c.first);
  if (!band) throw new Error('the hub has no band');
  const say = (q: number): string => verdictSentence(boardAt(hub, q), all, 'USD').replaceAll('\u202f', '');
  expect(say(band.first - 1)).toContain(`to ${band.first - 1} pieces`);
  expect(say(band.first + 1)).toContain(
    `From ${band.first} to ${band.last - 1} pieces the lead changes ${band.changes} times with whole pours and new tools`,
  );
  expect(say(band.last)).toContain(`from ${band.last} pieces`);
});

describe('evaluate', () => {
  test('gives every variant and baseline, with the leader among the survivors', () => {
    const e = evaluate(bracket(), { quantity: 500 });
    expect(e.lanes.filter((l) => l.kind === 'route')).toHaveLength(19);
    expect(e.lanes.map((l) => l.id)).toContain('machined');
    expect(e.lanes.find((l) => l.id === e.leader)?.status).not.toBe('blocked');
  });
  test('refuses a quantity off the rail, and none at all', () => {
    expect(() => evaluate(bracket(), { quantity: 0 })).toThrow(/E_RANGE/);
    expect(() => evaluate(bracket(), { quantity: 2.5 })).toThrow(/E_RANGE/);
    expect(() => evaluate(bracket({ quantity: {} }))).toThrow(/quantity/);
  });
  test('a missing wall is not known on every lane, never passed', () => {
    const brief = bracket({
      geometry: {
        volume_cm3: 60,
        area_cm2: 260,
        box_mm: [90, 60, 40],
        sectionMax_mm: 14,
        projected_cm2: 45,
        undercuts: 0,
        passages: 0,
        coredHoles: 0,
        draftAllowed: true,
      },
    });
    for (const lane of evaluate(brief).lanes.filter((l) => l.kind === 'route')) {
      expect(['not-known', 'blocked']).toContain(lane.status);
      expect(lane.findings.find((f) => f.rule === 'dr-wall-min')?.status).toBe('not-known');
    }
  });
  test('a brief without a box has reasons in place of money', () => {
    const e = evaluate(bracket({ geometry: { volume_cm3: 60 } }), { quantity: 10 });
    expect(e.leader).toBeNull();
    expect(e.lanes.every((l) => l.allIn === null && (l.uncosted ?? '') !== '')).toBe(true);
  });
});

test('a survivor is never barred and always has money', () => {
  for (const study of studies) {
    for (const entry of study.lanes.filter(survives)) {
      expect(entry.screening?.findings.some((f) => f.status === 'blocked')).toBe(false);
      expect(entry.costs.length).toBeGreaterThan(0);
    }
  }
});
