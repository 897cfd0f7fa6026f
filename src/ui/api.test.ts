import { afterEach, describe, expect, test, vi } from 'vitest';
import { call, Refused } from './api';

afterEach(() => vi.unstubAllGlobals());

/** An answer of the server whose body comes in pieces, or breaks off. */
function answers(status: number, body: string | Error): void {
  vi.stubGlobal('fetch', () => {
    const stream = new ReadableStream<Uint8Array>({
      pull(to) {
        if (body instanceof Error) return void to.error(body);
        to.enqueue(new TextEncoder().encode(body));
        to.close();
      },
    });
    return Promise.resolve(new Response(stream, { status }));
  });
}

describe('a call of the server', () => {
  test('gives what was answered', async () => {
    answers(200, '{"studies":[]}');
    expect(await call('GET', '/x')).toEqual({ studies: [] });
  });

  test('given up while the answer was being read is no answer, and never an empty one', async () => {
    const aborted = new DOMException('given up', 'AbortError');
    answers(200, aborted);
    await expect(call('GET', '/x')).rejects.toBe(aborted);
  });

  test('cut off in the middle of the answer is no answer either', async () => {
    answers(200, '{"studies":[');
    await expect(call('GET', '/x')).rejects.toThrow(SyntaxError);
  });

  test('refused tells why, also where the refusal has no words', async () => {
    answers(409, '{"error":{"message":"taken","issues":[]}}');
    await expect(call('GET', '/x')).rejects.toMatchObject({ status: 409, message: 'taken' });
    answers(502, '<html>');
    await expect(call('GET', '/x')).rejects.toBeInstanceOf(Refused);
  });
});
