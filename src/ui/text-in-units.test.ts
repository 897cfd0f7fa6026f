import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { textInUnits } from './text-in-units';

describe('a sentence of the core in inch units', () => {
  test.each([
    [
      'Stays first until it is tightened to 0.88 mm (now 2 mm).',
      'Stays first until it is tightened to 0.0346 in (now 0.0787 in).',
    ],
    ['3 × Ø10 × 24', '3 × Ø0.394 × 0.945 in'],
    ['3 × Ø10', '3 × Ø0.394 in'],
    ['3 × Ø10 × 24 mm', '3 × Ø0.394 × 0.945 in'],
    ['4 × M8, 16 mm deep', '4 × M8, 0.63 in deep'],
    ['Weighs 1\u202f250 kg at most', 'Weighs 2\u202f756 lb at most'],
    ['Walls of 2.5–4 mm', 'Walls of 0.0984–0.157 in'],
    ['At 8.4 USD/kg; 2\u202f700 kg/m³', 'At 3.81 USD/lb; 0.09754 lb/in³'],
    ['Pours at 680–740 °C, some 200 °C below it', 'Pours at 1\u202f256–1\u202f364 °F, some 360 F° below it'],
    ['0.3–1.2 bar, 0.5 m/s, 60–150 °C/h', '4.35–17.4 psi, 1.64 ft/s, 108–270 °F/h'],
    ['21.58 USD in 4.7 weeks, 2 mmols, 5 kg/h, 30 km', '21.58 USD in 4.7 weeks, 2 mmols, 5 kg/h, 30 km'],
    ['A block of 100 × 50 × 20 mm, 8 g, Ra 3.2 µm', 'A block of 3.94 × 1.97 × 0.787 in, 0.0176 lb, Ra 126 µin'],
  ])('%s', (si, inch) => {
    expect(textInUnits(si, 'inch')).toBe(inch);
  });

  test('is left alone in SI, and without figures in either', () => {
    fc.assert(
      fc.property(fc.string({ unit: 'grapheme' }), (text) => {
        expect(textInUnits(text, 'si')).toBe(text);
        const words = text.replace(/[\dØ]/gu, '');
        expect(textInUnits(words, 'inch')).toBe(words);
      }),
    );
  });

  test('is never converted twice', () => {
    fc.assert(
      fc.property(fc.double({ min: 0.001, max: 1e6, noNaN: true }), (x) => {
        const once = textInUnits(`${x.toFixed(3)} mm and ${x.toFixed(1)} kg`, 'inch');
        expect(textInUnits(once, 'inch')).toBe(once);
      }),
    );
  });
});
