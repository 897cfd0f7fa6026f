import { expect, test } from 'vitest';
import { atFoundry, SHIPPED_RATES } from '../rates';
import { bracket } from '../testing/demo-briefs';
import { prepareStudy, bestLayout } from '.';
import type { Brief } from '../brief';

const LANE = 'green-sand/bench';
const foundry = (maker: 'house' | 'bought') => ({
  id: 'f',
  name: 'Foundry Q',
  version: 1,
  profile: {
    lines: [{ route: 'green-sand', variant: 'bench' }],
    cores: { v: { maker }, basis: 'claimed' as const, date: '2026-11-02' },
  },
});
const lane = (brief: Brief, maker: 'house' | 'bought') => {
  const study = prepareStudy(brief, 'published', atFoundry(SHIPPED_RATES, foundry(maker)));
  const entry = study.lanes.find((l) => l.lane.id === LANE);
  if (entry === undefined) throw new Error('no lane');
  const best = bestLayout(entry, 500);
  return {
    total: best?.total ?? NaN,
    first: best === null ? NaN : study.timeOf(best.cost.model, best.cost.plan).firstArticle_d,
    says: entry.screening?.findings.some((f) => f.reason.includes('buys its cores')) ?? false,
  };
};

test('a foundry that buys its cores pays for them and waits for them, and says so; only where there are any', () => {
  const cored = bracket({ geometry: { ...bracket().geometry, passages: 1 } });
  const [house, bought] = [lane(cored, 'house'), lane(cored, 'bought')];
  expect(bought.total).toBeGreaterThan(house.total);
  expect(bought.first).toBeGreaterThan(house.first);
  expect([house.says, bought.says]).toEqual([false, true]);
  const plain = bracket({ geometry: { ...bracket().geometry, passages: 0, undercuts: 0, coredHoles: 0 }, holes: [] });
  expect(lane(plain, 'bought')).toEqual(lane(plain, 'house'));
  // What the brief says of its cores stands.
  const said = { ...cored, cores: { maker: 'hand' as const } };
  expect(lane(said, 'bought').total).toBe(lane(said, 'house').total);
});
