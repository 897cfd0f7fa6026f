import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { describe, expect, test } from 'vitest';
import { allVisibleWords } from './visible-words';

const ROOT = join(import.meta.dirname, '..');
const page = readFileSync(join(ROOT, 'docs/words.md'), 'utf8');
const [, retiredPart = ''] = page.split('## Retired');
const retired = [...retiredPart.matchAll(/^\| `(.+?)`\s+\| .+ \|$/gm)].map(([, source = '']) =>
  source.replaceAll('\\|', '|'),
);
const words = allVisibleWords(ROOT);

test('the page of words is read, and so are the texts', () => {
  expect(retired.length).toBeGreaterThan(12);
  expect(words.length).toBeGreaterThan(20_000);
  // What is looked through holds what stands between tags, in attributes and in messages.
  for (const said of ['Sign decision', 'Import study', 'is cheapest at'])
    expect(
      words.some((w) => w.words.includes(said)),
      said,
    ).toBe(true);
});

describe('retired words are gone', () => {
  test.each(retired)('%s', (source) => {
    const pattern = new RegExp(source);
    const back = words.filter((w) => pattern.test(w.words));
    expect(back.map((w) => `${w.file.slice(ROOT.length + 1)}:${w.line} ${w.words.slice(0, 90)}`)).toEqual([]);
  });
});
