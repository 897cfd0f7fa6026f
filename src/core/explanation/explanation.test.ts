import fc from 'fast-check';
import { expect, test } from 'vitest';
import { figure, listed, plain, explain } from '.';

test('words run together, figures stand apart, nested tellings are taken in', () => {
  const cost = figure('3.12 USD', 'spin/silicone', 'allIn');
  const inner = explain`at ${cost}`;
  expect(explain`Spin ${inner} per part, ${2} sets`).toEqual(['Spin at ', cost, ' per part, 2 sets']);
  expect(plain(explain`Spin ${inner} per part`)).toBe('Spin at 3.12 USD per part');
});

test('a figure carries a quantity only when it is told at another one', () => {
  expect(figure('1', 'machined', 'total')).not.toHaveProperty('q');
  expect(figure('1', 'machined', 'total', 50)).toHaveProperty('q', 50);
});

test('plain text is the same however the pieces are nested', () => {
  fc.assert(
    fc.property(fc.array(fc.string()), fc.string(), (texts, name) => {
      const figures = texts.map((text) => figure(text, name, null));
      const explanation = figures.reduce((before, f) => explain`${before}|${f}`, explain``);
      expect(plain(explanation)).toBe(texts.map((text) => `|${text}`).join(''));
      expect(explanation.filter((piece) => typeof piece !== 'string')).toEqual(figures);
    }),
  );
});

test('a list has its words between each two parts, none around them, and keeps the figures', () => {
  expect(listed([], ', ')).toEqual([]);
  fc.assert(
    fc.property(fc.array(fc.string({ minLength: 1 }), { minLength: 1 }), fc.string(), (texts, between) => {
      const parts = texts.map((text, i) =>
        i % 3 === 0 ? text : i % 3 === 1 ? figure(text, 'a', 'b') : explain`${text}`,
      );
      const explanation = listed(parts, between);
      expect(plain(explanation)).toBe(texts.join(between));
      expect(explanation.filter((piece) => typeof piece !== 'string')).toHaveLength(Math.floor((texts.length + 1) / 3));
    }),
  );
});
