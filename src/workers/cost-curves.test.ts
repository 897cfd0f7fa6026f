import { afterEach, beforeEach, describe, expect, test, vi } from 'vitest';
import { alloyPairs } from '@/core/comparison/alloys';
import { prepareStudy } from '@/core/study';
import { costCurvesOf } from '@/core/comparison/board';
import { SHIPPED_RATES, SHIPPED_REF } from '@/core/rates';
import { relaxations, requirementCosts } from '@/core/comparison/requirements';
import { bracket } from '@/core/testing/demo-briefs';
import { answer } from './cost-curves.answer';
import { Cancelled, CostCurvesClient } from './cost-curves.client';
import type { CostCurvesAnswer, CostCurvesRequest } from './cost-curves.protocol';

const brief = bracket();

describe('the worker’s answer', () => {
  test('is the core’s own answer', () => {
    const got = answer({ id: 7, kind: 'cost-curves', brief, school: 'published', rates: SHIPPED_REF });
    expect(got.id).toBe(7);
    if (got.kind !== 'cost-curves') throw new Error(got.kind);
    expect(structuredClone(got.curves)).toEqual(costCurvesOf(prepareStudy(brief)));
  });
  test('is what each requirement costs, the same at a second quantity as when asked afresh', () => {
    const ask = (q: number) =>
      answer({
        id: 1,
        kind: 'requirements',
        brief,
        school: 'published',
        rates: SHIPPED_REF,
        q,
        orderDate: '2027-01-04',
      });
    ask(50);
    const got = ask(4000);
    expect(got.kind === 'requirements' && got.costs).toEqual(
      requirementCosts(relaxations(prepareStudy(brief)), 4000, '2027-01-04'),
    );
  });
  test('is the brief in every alloy', () => {
    const got = answer({ id: 1, kind: 'alloys', brief, school: 'shop', rates: SHIPPED_REF, q: 700 });
    expect(got.kind === 'alloys' && got.pairs).toEqual(alloyPairs(brief, 'shop', SHIPPED_RATES, 700));
  });
  test('a failure is data, never a throw', () => {
    expect(
      answer({ id: 2, kind: 'cost-curves', brief: null as never, school: 'published', rates: SHIPPED_REF }),
    ).toMatchObject({
      id: 2,
      kind: 'refused',
    });
  });
});

describe('the client', () => {
  /** A worker that answers when told to. */
  class Held {
    static all: Held[] = [];
    onmessage: ((event: { data: CostCurvesAnswer }) => void) | null = null;
    onerror: ((event: { message: string }) => void) | null = null;
    asked: CostCurvesRequest[] = [];
    ended = false;
    constructor() {
      Held.all.push(this);
    }
    postMessage(request: CostCurvesRequest): void {
      this.asked.push(request);
    }
    terminate(): void {
      this.ended = true;
    }
    reply(i: number): void {
      const request = this.asked[i];
      if (request) this.onmessage?.({ data: answer(request) });
    }
  }
  beforeEach(() => {
    Held.all = [];
    vi.stubGlobal('Worker', Held);
  });
  afterEach(() => vi.unstubAllGlobals());
  const worker = (): Held => Held.all[0] as Held;

  test('one worker answers many questions, each by its id', async () => {
    const client = new CostCurvesClient();
    const alloys = client.alloys({ brief, school: 'published', rates: SHIPPED_REF }, 300);
    const curves = client.costCurves({ brief, school: 'published', rates: SHIPPED_REF });
    worker().reply(1);
    worker().reply(0);
    expect((await curves).curves.length).toBeGreaterThan(0);
    expect((await alloys).q).toBe(300);
    expect(Held.all).toHaveLength(1);
  });

  test('a newer question cancels the one before; its late answer is dropped', async () => {
    const client = new CostCurvesClient();
    const first = client.costCurves({ brief, school: 'published', rates: SHIPPED_REF });
    const second = client.costCurves({ brief, school: 'shop', rates: SHIPPED_REF });
    await expect(first).rejects.toBeInstanceOf(Cancelled);
    worker().reply(0);
    worker().reply(1);
    expect((await second).runs[0]?.from).toBe(1);
  });

  test('closing settles what waits and ends the worker', async () => {
    const client = new CostCurvesClient();
    const open = client.alloys({ brief, school: 'published', rates: SHIPPED_REF }, 300);
    client.close();
    await expect(open).rejects.toBeInstanceOf(Cancelled);
    expect(worker().ended).toBe(true);
  });

  test('a worker that dies fails its questions, and the next asks a new one', async () => {
    const client = new CostCurvesClient();
    const lost = client.alloys({ brief, school: 'published', rates: SHIPPED_REF }, 300);
    worker().onerror?.({ message: 'out of memory' });
    await expect(lost).rejects.toThrow('out of memory');
    const again = client.alloys({ brief, school: 'published', rates: SHIPPED_REF }, 400);
    Held.all[1]?.reply(0);
    expect((await again).q).toBe(400);
  });

  test('a refusal is an error with the core’s words', async () => {
    const client = new CostCurvesClient();
    const bad = client.costCurves({ brief: null as never, school: 'published', rates: SHIPPED_REF });
    worker().reply(0);
    await expect(bad).rejects.toThrow();
  });
});
