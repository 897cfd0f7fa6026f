import { vi } from 'vitest';

/** A request that the screen made, and the means to answer it. */
export interface Asked {
  readonly method: string;
  readonly path: string;
  readonly body: unknown;
  readonly signal: AbortSignal | null;
  readonly answer: (status: number, body: unknown, headers?: Readonly<Record<string, string>>) => Promise<void>;
  readonly die: (message: string) => Promise<void>;
}

/** Stands in for the server: every request waits in `asked` until the test answers it. */
export function standInServer(): Asked[] {
  const asked: Asked[] = [];
  vi.stubGlobal(
    'fetch',
    (path: string, init: RequestInit = {}) =>
      new Promise<Response>((resolve, reject) => {
        const settled = async (act: () => void): Promise<void> => {
          act();
          // Time for what reads the answer.
          for (let turn = 0; turn < 8; turn++) await Promise.resolve();
        };
        init.signal?.addEventListener('abort', () => reject(new DOMException('stopped', 'AbortError')));
        asked.push({
          method: init.method ?? 'GET',
          path,
          body: typeof init.body === 'string' ? JSON.parse(init.body) : (init.body ?? null),
          signal: init.signal ?? null,
          answer: (status, body, headers = {}) =>
            settled(() =>
              resolve(new Response(typeof body === 'string' ? body : JSON.stringify(body), { status, headers })),
            ),
          die: (message) => settled(() => reject(new Error(message))),
        });
      }),
  );
  return asked;
}
