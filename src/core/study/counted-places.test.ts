import { expect, test } from 'vitest';
import { boardAt } from '../comparison/board';
import { bracket } from '../testing/demo-briefs';
import { prepareStudy } from '.';
import { workingOf } from './workings';

const at = (lostPlaces: NonNullable<ReturnType<typeof bracket>['overrides']['lostPlaces']>) =>
  prepareStudy(
    bracket({ overrides: { ...bracket().overrides, layouts: { 'shell-investment/wax-die': [14, 1] }, lostPlaces } }),
  );
const LANE = 'shell-investment/wax-die';

test('twelve good of fourteen counted are two lost of a pour of fourteen, told with where that comes from', () => {
  const study = at({ [LANE]: { good: 12, of: 14 } });
  const w = workingOf(study, LANE, 2000, 'nL');
  expect(w.value).toBe(2);
  const share = w.symbols.find((s) => s.symbol === 'share');
  expect(share?.value).toBeCloseTo(2 / 14, 12);
  expect(share?.note).toContain('12 good of 14 places counted');
});

test('fewer good places cost more; all good ones lose none; other lanes are as they were', () => {
  const allIn = (lost: Parameters<typeof at>[0], id = LANE): number =>
    boardAt(at(lost), 2000).lanes.find((l) => l.id === id)?.money?.allIn ?? NaN;
  expect(workingOf(at({ [LANE]: { good: 14, of: 14 } }), LANE, 2000, 'nL').value).toBe(0);
  expect(allIn({ [LANE]: { good: 8, of: 14 } })).toBeGreaterThan(allIn({ [LANE]: { good: 12, of: 14 } }));
  expect(allIn({ [LANE]: { good: 8, of: 14 } }, 'green-sand/bench')).toBe(allIn({}, 'green-sand/bench'));
});
