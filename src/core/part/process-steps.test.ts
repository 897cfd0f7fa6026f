import { expect, test } from 'vitest';
import type { Brief } from '../brief';
import { CAUTIONS } from '../catalogue/cautions/data/cautions.data';
import { LANES } from '../catalogue/routes';
import { findAlloy } from '../catalogue/alloys';
import { bracket } from '../testing/demo-briefs';
import { makingOf } from '.';
import { PROCESSES } from '../catalogue/process-steps';
import { KNOWN_CONDITIONS } from './step-conditions';

const made = (brief: Brief, laneId: string, machined: boolean) =>
  makingOf(brief, findAlloy(brief.alloy) ?? null, laneId, machined);
const NEEDS = bracket().needs;

test('every lane has a process and says what its variant does otherwise', () => {
  for (const lane of LANES) {
    const making = made(bracket(), lane.id, true);
    expect(making?.process.id).toBe(lane.route.id);
    expect(making?.variant, lane.id).toBeTruthy();
  }
  expect(made(bracket(), 'stamped', false)).toBeNull();
});

test('steps are numbered in order, every condition is understood, every caution named is known', () => {
  const cautions = new Set(CAUTIONS.map((c) => c.id));
  for (const { steps } of PROCESSES) {
    expect(steps.map((s) => s.n)).toEqual(steps.map((_, i) => i + 1));
    for (const s of steps) {
      if (s.onlyIf !== undefined) expect(KNOWN_CONDITIONS).toContain(s.onlyIf);
      for (const id of s.cautions) expect(cautions, `${s.id} names ${id}`).toContain(id);
    }
  }
});

test('cautions stand beside steps that exist', () => {
  const steps = new Set(PROCESSES.flatMap((p) => p.steps.map((s) => s.id)));
  for (const c of CAUTIONS) for (const id of c.applies.steps) expect(steps, `${c.id} stands at ${id}`).toContain(id);
});

test('a part without cores, heat treatment or machining goes through fewer steps; what is not known is shown', () => {
  const names = (laneId: string, machined: boolean, needs: object): string[] =>
    (made(bracket({ needs }), laneId, machined)?.phases ?? []).flatMap((p) => p.steps.map((s) => s.id));
  const plain = names('green-sand/bench', false, NEEDS);
  expect(plain).not.toContain('green-sand.heat-treat');
  expect(plain).not.toContain('green-sand.machine');
  const all = names('green-sand/bench', true, {});
  expect(all).toContain('green-sand.heat-treat');
  expect(all).toContain('green-sand.machine');
  const making = made(bracket(), 'green-sand/bench', false);
  const told = (making?.phases ?? []).flatMap((p) => p.steps).length + (making?.left.length ?? 0);
  expect(told).toBe(making?.process.steps.length);
});
