import { expect, test } from 'vitest';
import { prepareStudy } from '../../study';
import { briefOf } from '../../testing/demo-briefs';
import { DEMO_QUOTES, DEMO_QUOTE_SETTING } from '../../../server/demo/quotes.data';
import { QUILLMERE_PARTS } from '../../../server/demo/quillmere.data';
import { assessQuotes, quotedLeads } from '.';

const part = QUILLMERE_PARTS.find((p) => p['id'] === 'q-tripod-hub') ?? {};
const study = prepareStudy(briefOf(part));
const quotes = DEMO_QUOTES.filter((d) => d.part === 'q-tripod-hub').map(({ quote }) => ({
  ...{ quote, foundry: quote.foundryId, simulated: false, withdrawn: null },
}));

test('runs cover every quantity without a gap, and each lead begins at the piece it begins', () => {
  const shares: number[] = [];
  const runs = quotedLeads(study, quotes, DEMO_QUOTE_SETTING, [], 5000, (share) => shares.push(share));
  expect(runs[0]?.from).toBe(1);
  expect(runs.at(-1)?.to).toBe(5000);
  runs.slice(1).forEach((run, i) => expect(run.from).toBe((runs[i]?.to ?? 0) + 1));
  const leaderAt = (q: number) => assessQuotes(study, q, quotes, DEMO_QUOTE_SETTING).byQuotes;
  for (const { from, to, leader } of runs)
    for (const q of [from, to, Math.round(Math.sqrt(from * to))])
      expect([q, leaderAt(q)?.laneId, leaderAt(q)?.quoteId]).toEqual([q, leader?.laneId, leader?.quoteId]);
  expect(runs.length).toBeGreaterThan(1);
  expect(runs.some((r) => r.leader?.quoteId === 'qt-17')).toBe(true);
  expect(shares.at(-1)).toBe(1);
});
