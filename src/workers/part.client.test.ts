import { afterEach, beforeEach, describe, expect, test, vi } from 'vitest';
import { PartClient } from './part.client';
import type { PartAnswer } from './part.protocol';
import { Cancelled, CostCurvesClient } from './cost-curves.client';
import type { StudyAsked } from './cost-curves.protocol';

/** A worker that does nothing by itself: what it says and how it fails is said by the test. */
class StillWorker {
  static made: StillWorker[] = [];
  onmessage: ((event: { data: unknown }) => void) | null = null;
  onerror: ((event: { message: string }) => void) | null = null;
  readonly asked: { id: number }[] = [];
  ended = false;
  constructor() {
    StillWorker.made.push(this);
  }
  postMessage(message: { id: number }): void {
    this.asked.push(message);
  }
  terminate(): void {
    this.ended = true;
  }
}

beforeEach(() => {
  StillWorker.made = [];
  vi.stubGlobal('Worker', StillWorker);
});
afterEach(() => vi.unstubAllGlobals());

describe('a part worker that was ended', () => {
  const opened = () => {
    const heard: PartAnswer[] = [];
    const client = new PartClient((answer) => heard.push(answer));
    client.open('a.stl', new Blob(['x']), { unit: null, draw: null, repair: false });
    return { heard, client, worker: StillWorker.made.at(-1)! };
  };
  test('is not heard any more: neither a late answer nor that its start failed', () => {
    const { heard, client, worker } = opened();
    worker.onmessage?.({ data: { id: 1, kind: 'progress', stage: 'reading', share: 0.5 } });
    expect(heard).toHaveLength(1);
    client.close();
    expect(worker.ended).toBe(true);
    worker.onmessage?.({ data: { id: 1, kind: 'progress', stage: 'reading', share: 0.9 } });
    worker.onerror?.({ message: 'its script was not fetched to the end' });
    expect(heard).toHaveLength(1);
  });
  test('while it is in use its failure is a refusal, told once', () => {
    const { heard, worker } = opened();
    worker.onerror?.({ message: 'out of memory' });
    worker.onerror?.({ message: 'again' });
    expect(heard).toEqual([{ id: 1, kind: 'refused', issue: null, message: 'out of memory' }]);
  });
});

describe('a worker of cost curves that was ended', () => {
  test('does not fail what is asked of the next one', async () => {
    const client = new CostCurvesClient();
    const asked = {} as StudyAsked;
    const first = client.costCurves(asked).catch((error: unknown) => error);
    const old = StillWorker.made.at(-1)!;
    client.close();
    expect(await first).toBeInstanceOf(Cancelled);
    const second = client.costCurves(asked);
    const now = StillWorker.made.at(-1)!;
    expect(now).not.toBe(old);
    old.onerror?.({ message: 'its script was not fetched to the end' });
    now.onmessage?.({ data: { id: now.asked[0]!.id, kind: 'cost-curves', curves: { runs: [] }, ms: 1 } });
    expect(await second).toEqual({ runs: [] });
  });
});
