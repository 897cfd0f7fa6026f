import fc from 'fast-check';
import { afterAll, beforeAll, describe, expect, test } from 'vitest';
import { findAlloy } from '@/core/catalogue/alloys';
import { briefOf } from '@/core/testing/demo-briefs';
import { closePool } from '../db';
import { freshDatabase } from '../testing/test-database';
import { archiveStudy, createStudy, listStudies } from '.';
import { PAGE_ROWS, SORTS, type StudySummary } from './list-queries';

const TITLES = [
  'Bracket',
  'bracket, small',
  'Émile’s lug',
  'Ångström ring',
  '100 % knob',
  'Under_score',
  '"Quoted"',
  'O’Neil',
  '猫',
  '\\back',
];
const ALLOYS = ['al-a356', 'al-46000', 'al-206', null];
/** Two pages and some. */
const MANY = 2 * PAGE_ROWS + 7;
const ids: string[] = [];

beforeAll(async () => {
  await freshDatabase('studies_list');
  for (let i = 0; i < MANY; i++) {
    const alloy = ALLOYS[i % ALLOYS.length] ?? null;
    const quantity = i % 5 === 0 ? {} : { perYear: 10 + ((i * 37) % 900), years: 1 + (i % 4) };
    const title = `${TITLES[i % TITLES.length]} ${Math.floor(i / TITLES.length)}`;
    ids.push((await createStudy(briefOf({ title, alloy, quantity }))).id);
  }
  for (const id of ids.slice(0, 9)) await archiveStudy(id, true);
}, 120_000);
afterAll(closePool);

const pagesOf = async (asked: Parameters<typeof listStudies>[0]): Promise<StudySummary[]> => {
  const first = await listStudies({ ...asked, page: 1 });
  const out = [...first.studies];
  for (let page = 2; out.length < first.found; page++) {
    const next = await listStudies({ ...asked, page });
    expect(next.found).toBe(first.found);
    if (next.studies.length === 0) break;
    out.push(...next.studies);
  }
  expect(out).toHaveLength(first.found);
  return out;
};

describe('the list of studies, page by page', () => {
  test('whatever it is sorted by, its pages hold every study once', async () => {
    for (const sort of SORTS)
      for (const up of [true, false]) {
        const list = await pagesOf({ sort, up });
        expect(new Set(list.map((s) => s.id)).size, `${sort} ${up}`).toBe(MANY - 9);
      }
  });

  test('sorted by pieces it rises or falls, what is not known last', async () => {
    for (const up of [true, false]) {
      const list = (await pagesOf({ sort: 'quantity', up })).map((s) => s.quantity);
      const known = list.filter((q) => q !== null);
      expect(known).toEqual(known.toSorted((a, b) => (up ? a - b : b - a)));
      const gap = list.indexOf(null);
      expect(list.slice(gap).every((q) => q === null)).toBe(true);
    }
  });

  test('a search finds what holds each of its words, whatever signs they have, and nothing else', async () => {
    await fc.assert(
      fc.asyncProperty(
        fc.constantFrom(
          ...TITLES,
          '%',
          '_',
          '\\',
          "'",
          '"',
          'a356',
          'aluminium',
          'nothing of the kind',
          '  ',
          '\u0000',
        ),
        fc.nat(12),
        async (words, n) => {
          const search = n < 10 ? `${words} ${n}` : words;
          const found = await pagesOf({ search });
          for (const s of found) {
            const named = `${s.title} ${findAlloy(s.alloy)?.name ?? ''}`.normalize('NFC').toLowerCase();
            // Letters with and without their marks are one to the database; a word of ours names an alloy by its name.
            for (const word of search
              .trim()
              .toLowerCase()
              .split(/\s+/)
              .filter((w) => /^[a-z0-9]+$/.test(w)))
              expect(named).toContain(word);
          }
          const title = found.find((s) => s.title.toLowerCase() === search.toLowerCase());
          const exists = (await pagesOf({})).some((s) => s.title.toLowerCase() === search.toLowerCase());
          expect(title !== undefined).toBe(exists);
        },
      ),
      { numRuns: 40 },
    );
  }, 120_000);

  test('those put away have a list of their own; a page beyond the last is the last', async () => {
    expect(new Set((await pagesOf({ archived: true })).map((s) => s.id))).toEqual(new Set(ids.slice(0, 9)));
    const beyond = await listStudies({ page: 900 });
    expect(beyond.page).toBe(2);
    expect(beyond.studies).toHaveLength(MANY - 9 - PAGE_ROWS);
    expect(beyond.found).toBe(MANY - 9);
  });
});
