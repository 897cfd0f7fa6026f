import { expect, test } from 'vitest';
import { JOB_HEADER } from '@/core/base/job-progress';
import { followed, progressOf } from './progress';

const asked = (name: string | null): Request =>
  new Request('http://127.0.0.1/', name === null ? {} : { headers: { [JOB_HEADER]: name } });

test('a job tells how far it is under the name its caller gave, until it ends', async () => {
  const name = crypto.randomUUID();
  const seen: unknown[] = [];
  const value = await followed(asked(name), (report) => {
    seen.push(progressOf(name));
    report({ what: 'the draws', share: 0.4 });
    seen.push(progressOf(name));
    return Promise.resolve(7);
  });
  expect(value).toBe(7);
  expect(seen).toEqual([
    { what: 'waiting for its turn', share: 0 },
    { what: 'the draws', share: 0.4 },
  ]);
  expect(progressOf(name)).toBeUndefined();
});

test('one that fails is forgotten too, and a wild name is never kept', async () => {
  const name = crypto.randomUUID();
  await expect(followed(asked(name), () => Promise.reject(new Error('broken')))).rejects.toThrow('broken');
  expect(progressOf(name)).toBeUndefined();
  for (const wild of [null, 'x', '../..', 'a'.repeat(500)])
    await followed(asked(wild), (report) => {
      report({ what: 'x', share: 0 });
      expect(progressOf(wild ?? '')).toBeUndefined();
      return Promise.resolve();
    });
});
