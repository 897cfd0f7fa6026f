import { afterEach, describe, expect, test, vi } from 'vitest';
import { LatestClient } from './latest.client';
import { serveLatest } from './latest.serve';

interface Asked {
  readonly what: string;
}
interface Answered {
  readonly id: number;
  readonly said: string;
}

/** A worker that only remembers what it is sent. */
class Remembering {
  onmessage: ((event: { data: Answered }) => void) | null = null;
  onerror: ((event: { message: string }) => void) | null = null;
  readonly sent: (Asked & { id: number; stop?: boolean })[] = [];
  postMessage(data: Asked & { id: number }): void {
    this.sent.push(data);
  }
  report(id: number, said: string): void {
    this.onmessage?.({ data: { id, said } });
  }
}

describe('one worker asked again and again', () => {
  const started: Remembering[] = [];
  const client = () => {
    started.length = 0;
    return new LatestClient<Asked, Answered>(
      () => {
        const worker = new Remembering();
        started.push(worker);
        return worker as unknown as Worker;
      },
      (id, message) => ({ id, said: `failed: ${message}` }),
    );
  };

  test('is started once, by warming or by the first question', () => {
    const c = client();
    expect(started).toHaveLength(0);
    c.warm();
    c.warm();
    c.ask({ what: 'a' }, () => undefined);
    expect(started).toHaveLength(1);
    expect(started[0]?.sent).toEqual([{ what: 'a', id: 1 }]);
  });
  test('only the newest question is heard, by who asked it', () => {
    const c = client();
    const [first, second]: [string[], string[]] = [[], []];
    c.ask({ what: 'a' }, (t) => first.push(t.said));
    c.ask({ what: 'b' }, (t) => second.push(t.said));
    started[0]?.report(1, 'late');
    started[0]?.report(2, 'wanted');
    expect([first, second]).toEqual([[], ['wanted']]);
  });
  test('a view that is left ends its own question, not that of the view after it', () => {
    const c = client();
    const heard: string[] = [];
    const [left, here] = [(): void => undefined, (t: Answered): void => void heard.push(t.said)];
    c.ask({ what: 'a' }, left);
    c.stop(left);
    expect(started[0]?.sent.at(-1)).toEqual({ id: 2, stop: true });
    c.ask({ what: 'b' }, here);
    c.stop(left);
    expect(started[0]?.sent).toHaveLength(3);
    started[0]?.report(3, 'heard');
    expect(heard).toEqual(['heard']);
  });
  test('a worker that fails says so, and the next question starts another', () => {
    const c = client();
    const heard: string[] = [];
    c.ask({ what: 'a' }, (t) => heard.push(t.said));
    started[0]?.onerror?.({ message: 'no memory' });
    c.ask({ what: 'b' }, (t) => heard.push(t.said));
    expect(heard).toEqual(['failed: no memory']);
    expect(started).toHaveLength(2);
  });
});

describe('the worker’s side', () => {
  afterEach(() => vi.unstubAllGlobals());
  const turns = (n = 12): Promise<void> => new Promise((done) => setTimeout(done, n));
  const served = (
    answer: Parameters<typeof serveLatest<Asked & { id: number }, Answered>>[0],
    warmUp?: Parameters<typeof serveLatest>[1],
  ) => {
    const said: Answered[] = [];
    const scope = {
      onmessage: null as ((event: { data: unknown }) => void) | null,
      postMessage: (t: Answered) => said.push(t),
    };
    vi.stubGlobal('self', scope);
    serveLatest<Asked & { id: number }, Answered>(answer, warmUp);
    return { said, send: (data: unknown) => scope.onmessage?.({ data }) };
  };

  test('answers what is asked, and leaves it at the next breath for what is newer', async () => {
    const { said, send } = served(async ({ id, what }, report, breathe) => {
      report({ id, said: `${what} begun` });
      if (await breathe()) report({ id, said: `${what} done` });
    });
    send({ id: 1, what: 'a' });
    await turns();
    send({ id: 2, what: 'b' });
    send({ id: 3, what: 'c' });
    await turns();
    expect(said.map((t) => t.said)).toEqual(['a begun', 'a done', 'c begun', 'c done']);
  });
  test('a stop ends what is under way and asks for nothing', async () => {
    const { said, send } = served(async ({ id }, report, breathe) => {
      for (let i = 0; i < 1000; i++) if (!(await breathe())) return report({ id, said: 'left' });
      report({ id, said: 'done' });
    });
    send({ id: 1, what: 'a' });
    await turns(2);
    send({ id: 2, stop: true });
    await turns();
    expect(said).toEqual([{ id: 1, said: 'left' }]);
  });
  test('warms up until the first question comes, and not after it', async () => {
    let rounds = 0;
    const { said, send } = served(
      async ({ id }, report) => {
        await Promise.resolve();
        report({ id, said: 'answered' });
      },
      async (breathe) => {
        while (await breathe()) rounds++;
      },
    );
    await turns();
    const before = rounds;
    expect(before).toBeGreaterThan(1);
    send({ id: 1, what: 'a' });
    await turns();
    const after = rounds;
    await turns();
    expect(rounds).toBe(after);
    expect(after - before).toBeLessThan(3);
    expect(said).toEqual([{ id: 1, said: 'answered' }]);
  });
});
