import { expect, test } from 'vitest';
import { PROCESSES } from '@/core/catalogue/process-steps';
import { drawingOfStep } from './drawing-of-step';
import { DRAWINGS } from './shapes.data';

const steps = PROCESSES.flatMap((p) => p.steps);

test('every step has a drawing, and every drawing is of some step', () => {
  const used = new Set(steps.map(drawingOfStep));
  expect(Object.keys(DRAWINGS).filter((id) => !used.has(id as keyof typeof DRAWINGS))).toEqual([]);
});

test.each([
  ['Skim and pour', 'pour', 'pour'],
  ['Pull cores, open, eject', 'pour', 'eject'],
  ['Make, coat and dry cores', 'mould', 'core'],
  ['Shot: slow, fast, intensify, dwell', 'pour', 'shot'],
  ['Cut off gates and feeders', 'clean', 'saw'],
  ['Vulcanise the disc', 'tooling', 'disc'],
  ['Build tree on the base', 'mould', 'tree'],
  ['First article: measure, section, approve', 'inspect', 'gauge'],
  ['Something nobody has named', 'treat', 'oven'],
] as const)('%s is drawn as %s → %s', (name, phase, drawing) => {
  expect(drawingOfStep({ name, phase })).toBe(drawing);
});
