import { describe, expect, test } from 'vitest';
import { bracket } from '@/core/testing/demo-briefs';
import { studyPage } from '../testing/study-page';

describe('a metal that burns where it is poured', () => {
  test('is told before any price, with its conditions and what the shop must show', async () => {
    const html = await studyPage(bracket({ alloy: 'mg-az91' }), null);
    const caution = html.indexOf('data-testid="first-caution"');
    const verdict = html.indexOf('data-testid="verdict"');
    expect(caution).toBeGreaterThan(-1);
    expect(verdict).toBeGreaterThan(caution);
    const words = html.slice(caution, verdict);
    expect(words).toContain('only under conditions');
    expect(words).toContain('cover gas at the furnace and the mould');
    expect(words).toContain('licensed practice decide');
  });
  test('and no other is', async () => {
    expect(await studyPage(bracket(), null)).not.toContain('first-caution');
  });
});
