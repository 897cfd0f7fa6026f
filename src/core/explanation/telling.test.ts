import fc from 'fast-check';
import { expect, test } from 'vitest';
import { figure, listed, plain, tell } from '.';

test('words run together, figures stand apart, nested tellings are taken in', () => {
  const cost = figure('3.12 USD', 'spin/silicone', 'allIn');
  const inner = tell`at ${cost}`;
  expect(tell`Spin ${inner} a part, ${2} sets`).toEqual(['Spin at ', cost, ' a part, 2 sets']);
  expect(plain(tell`Spin ${inner} a part`)).toBe('Spin at 3.12 USD a part');
});

test('a figure carries a quantity only when it is told at another one', () => {
  expect(figure('1', 'machined', 'total')).not.toHaveProperty('q');
  expect(figure('1', 'machined', 'total', 50)).toHaveProperty('q', 50);
});

test('plain text is the same however the pieces are nested', () => {
  fc.assert(
    fc.property(fc.array(fc.string()), fc.string(), (texts, name) => {
      const figures = texts.map((text) => figure(text, name, null));
      const told = figures.reduce((before, f) => tell`${before}|${f}`, tell``);
      expect(plain(told)).toBe(texts.map((text) => `|${text}`).join(''));
      expect(told.filter((piece) => typeof piece !== 'string')).toEqual(figures);
    }),
  );
});

test('a list has its words between each two parts, none around them, and keeps the figures', () => {
  expect(listed([], ', ')).toEqual([]);
  fc.assert(
    fc.property(fc.array(fc.string({ minLength: 1 }), { minLength: 1 }), fc.string(), (texts, between) => {
      const parts = texts.map((text, i) => (i % 3 === 0 ? text : i % 3 === 1 ? figure(text, 'a', 'b') : tell`${text}`));
      const told = listed(parts, between);
      expect(plain(told)).toBe(texts.join(between));
      expect(told.filter((piece) => typeof piece !== 'string')).toHaveLength(Math.floor((texts.length + 1) / 3));
    }),
  );
});
