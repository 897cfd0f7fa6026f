import { describe, expect, test } from 'vitest';
import { z } from 'zod';
import { refuse } from '@/core/base/errors';
import { answering, checked, jsonBody, refused, RequestError, type ErrorBody } from '.';

const request = (body: BodyInit | null, type = 'application/json'): Request =>
  new Request('http://127.0.0.1/api', { method: 'POST', body, headers: { 'content-type': type } });

describe('a body', () => {
  test('is read as JSON', async () => {
    expect(await jsonBody(request('{"a":[1,2]}'))).toEqual({ a: [1, 2] });
    expect(await jsonBody(request('{"a":1}', 'application/json; charset=utf-8'))).toEqual({ a: 1 });
  });
  test.each([
    ['another type', request('a=1', 'text/plain'), 415],
    ['torn JSON', request('{"a":'), 400],
    ['bytes that are no text', request(new Uint8Array([0xff, 0xfe, 0x22])), 400],
    ['too much', request(JSON.stringify({ a: 'x'.repeat(600_000) })), 413],
  ])('is refused: %s', async (_, r, status) => {
    await expect(jsonBody(r)).rejects.toMatchObject({ status });
  });
  test('is cut off while it streams, whatever its length says', async () => {
    let sent = 0;
    const endless = new ReadableStream<Uint8Array>({
      pull(controller) {
        sent++;
        controller.enqueue(new Uint8Array(64 * 1024));
      },
    });
    const r = new Request('http://127.0.0.1/api', {
      method: 'POST',
      body: endless,
      headers: { 'content-type': 'application/json' },
      duplex: 'half',
    } as RequestInit);
    await expect(jsonBody(r)).rejects.toMatchObject({ status: 413 });
    expect(sent).toBeLessThan(20);
  });
});

test('a value that breaks its schema is refused with each path and value', () => {
  const schema = z.object({ a: z.object({ b: z.number() }), c: z.string() });
  try {
    checked(schema, { a: { b: 'x' } });
    expect.unreachable();
  } catch (error) {
    expect(error).toBeInstanceOf(RequestError);
    const { status, issues } = error as RequestError;
    expect(status).toBe(400);
    expect(issues.map((i) => [i.path, i.value])).toEqual([
      ['a.b', 'x'],
      ['c', undefined],
    ]);
  }
});

describe('what a handler throws becomes an answer', () => {
  const answer = async (work: () => never): Promise<[number, ErrorBody]> => {
    const response = await answering(() => Promise.resolve().then(work));
    return [response.status, (await response.json()) as ErrorBody];
  };
  test('the core’s refusals name the field', async () => {
    const [status, body] = await answer(() => refuse('E_RANGE', 'quantity', 0, '1 to 10'));
    expect(status).toBe(422);
    expect(body.error.issues).toEqual([{ path: 'quantity', value: 0, message: '1 to 10' }]);
  });
  test('a dead database is 503, anything else 500 without details', async () => {
    const [down, first] = await answer(() => {
      throw Object.assign(new Error('secret host'), { code: 'ECONNREFUSED' });
    });
    expect(down).toBe(503);
    expect(first.error.message).toContain('Nothing was saved');
    const [broken, second] = await answer(() => {
      throw new Error('secret detail');
    });
    expect(broken).toBe(500);
    expect(JSON.stringify([first, second])).not.toContain('secret');
  });
  test('a plain refusal', async () => {
    const response = refused(404, 'No study of that id.');
    expect(response.status).toBe(404);
    expect(await response.json()).toEqual({ error: { message: 'No study of that id.', issues: [] } });
  });
});
