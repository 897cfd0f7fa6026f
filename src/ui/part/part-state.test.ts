import { describe, expect, test } from 'vitest';
import type { PartAnswer } from '@/workers/part.protocol';
import { heard, NO_PART, notHad, stopped, taking, working, type PartState } from './part-state';
import { meant } from './steer';

const shown = { id: 1, kind: 'shown', file: { name: 'a.stl', unit: 'mm' }, areas: new Float32Array(2) } as PartAnswer;
const wanted: PartAnswer = { id: 1, kind: 'unit-wanted', size: [1, 2, 3], likely: 'in' };
const refused: PartAnswer = { id: 2, kind: 'refused', issue: null, message: 'no' };
const through = (answers: readonly PartAnswer[], from: PartState = taking('reading')): PartState =>
  answers.reduce((s, a) => heard(s, 'a.stl', a), from);

describe('a part on its way', () => {
  test('its picture stands while the unit is asked for, and the question goes when it is answered', () => {
    const asked = through([shown, wanted]);
    expect(asked.shown).not.toBeNull();
    expect(asked).toMatchObject({ asksUnit: { likely: 'in' }, busy: null });
    expect(working(asked, 'checking')).toMatchObject({ asksUnit: null, busy: { stage: 'checking', share: 0 } });
  });
  test('another body takes away what was measured of the one before', () => {
    const measured = { ...through([shown]), body: {} as never, draw: {} as never, place: {} as never };
    expect(heard(measured, 'a.stl', shown)).toMatchObject({ body: null, draw: null, place: null });
  });
  test('a refusal before anything stands leaves nothing; later it leaves what was measured', () => {
    expect(through([refused])).toMatchObject({ file: null, shown: null, refused: { name: 'a.stl', message: 'no' } });
    const later = through([shown, refused]);
    expect(later.shown).not.toBeNull();
    expect(later).toMatchObject({ busy: null, refused: { message: 'no' } });
  });
  test('stopped by hand it stands as before a file was taken, but remembers one that is kept', () => {
    expect(stopped({ ...through([shown]), kept: 'kept' })).toEqual({ ...NO_PART, kept: 'kept' });
    expect(stopped({ ...through([shown]), kept: 'sending' })).toEqual(NO_PART);
  });
  test('a file that could not be had says why', () => {
    expect(notHad('b.stl', new Error('gone')).refused).toMatchObject({ name: 'b.stl', message: 'gone' });
  });
  test('a still changes nothing that is seen', () => {
    const s = through([shown]);
    expect(heard(s, 'a.stl', { id: 1, kind: 'still', png: new Uint8Array() })).toBe(s);
  });
});

describe('the draw that was meant by hand', () => {
  const rad = Math.PI / 180;
  const lean = (deg: number): [number, number, number] => [Math.sin(deg * rad), 0, Math.cos(deg * rad)];
  test('is one that was tried where it is let go near it, either way round', () => {
    expect(meant(lean(3), [[0, 0, 1]])).toEqual([0, 0, 1]);
    expect(meant(lean(178), [[0, 0, 1]])).toEqual([0, 0, -1]);
    expect(meant(lean(3), [lean(2), [0, 0, 1]])).toEqual(lean(2));
  });
  test('is as it was let go where none is near', () => {
    expect(meant(lean(6), [[0, 0, 1]])).toEqual(lean(6));
    expect(meant(lean(6), [])).toEqual(lean(6));
  });
});
