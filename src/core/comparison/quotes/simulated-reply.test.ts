import { describe, expect, test } from 'vitest';
import { seededDraws } from '../../base/seeded-draws';
import { lifetimeQuantity } from '../../brief';
import { normaliseQuote, readReply } from '../../quotes';
import { SHIPPED_RATES } from '../../rates';
import { briefOf } from '../../testing/demo-briefs';
import { DEMO_QUOTE_SETTING } from '../../../server/demo/quotes.data';
import { FOUNDRIES } from '../../../server/demo/foundries.data';
import { QUILLMERE_PARTS } from '../../../server/demo/quillmere.data';
import { askedOf, simulatedReply, type DeskAsked } from '.';

/** Which quote a reply would be. */
const whoseReply = ({ laneId, foundry }: DeskAsked) => {
  const [route = '', variant = ''] = laneId.split('/');
  return { id: 'desk', foundryId: foundry.id, route, variant };
};

const REPLIES = QUILLMERE_PARTS.flatMap((part) => {
  const brief = briefOf(part);
  return FOUNDRIES.flatMap((foundry) =>
    foundry.profile.lines.map(({ route, variant }) => {
      const asked = {
        ...{ brief, policy: 'published' as const, laneId: `${route}/${variant}`, q: lifetimeQuantity(brief) ?? 1 },
        ...{ foundry: { ...foundry, version: 1 }, on: '2027-02-10', seed: 'a' },
      };
      return { asked, reply: simulatedReply(asked, SHIPPED_RATES) };
    }),
  );
});

describe('the simulated desk', () => {
  test('answers every demo part from every foundry: a decline with its reason, or a sheet that reads but for one in several', () => {
    let [declined, read, blurred] = [0, 0, 0];
    for (const { asked, reply } of REPLIES) {
      const found = readReply(reply.rows, whoseReply(asked));
      if (reply.declined) {
        declined++;
        expect(found.quote?.decline?.reason, JSON.stringify(reply.rows)).toMatch(/\w/);
        continue;
      }
      if (found.quote === null) {
        blurred++;
        expect(found.issues.every((i) => i.value.startsWith('about '))).toBe(true);
        continue;
      }
      read++;
      const { price } = normaliseQuote(found.quote, askedOf(asked.brief), DEMO_QUOTE_SETTING, []);
      expect(price === null || Number.isFinite(price.perGoodPart)).toBe(true);
    }
    expect(declined).toBeGreaterThan(20);
    expect(read).toBeGreaterThan(20);
    expect(blurred).toBeGreaterThan(0);
    expect(blurred).toBeLessThan(read / 2);
  });

  test('has the usual mess: other units and currencies, work left out, tools in the price', () => {
    const all = REPLIES.flatMap(({ asked, reply }) => readReply(reply.rows, whoseReply(asked)).quote ?? []).filter(
      (q) => q.decline === null,
    );
    const some = (is: (q: (typeof all)[number]) => boolean): number => all.filter(is).length;
    for (const n of [
      some((q) => q.unit === 'hundred'),
      some((q) => q.unit === 'kg' || q.unit === 'lb'),
      some((q) => q.currency !== 'USD'),
      some((q) => q.scope.some((s) => s.status === 'excluded')),
      some((q) => q.tooling.mode === 'amortised'),
      some((q) => q.lead?.first.unit === 'working days'),
    ]) {
      expect(n).toBeGreaterThan(0);
      expect(n).toBeLessThan(all.length);
    }
  });

  test('answers the same to the same seed, and otherwise to another', () => {
    const found = REPLIES.find((r) => !r.reply.declined);
    if (found === undefined) throw new Error('every demo foundry declines');
    const { asked, reply } = found;
    expect(simulatedReply(asked, SHIPPED_RATES)).toEqual(reply);
    expect(simulatedReply({ ...asked, seed: 'b' }, SHIPPED_RATES).rows).not.toEqual(reply.rows);
    const unknown = simulatedReply({ ...asked, laneId: 'no-such/lane' }, SHIPPED_RATES);
    expect(unknown).toMatchObject({ declined: true });
  });
});

test('seeded draws lie from 0 to below 1, spread evenly, the same for the same seed', () => {
  const draw = seededDraws('seed');
  const list = Array.from({ length: 4000 }, () => draw());
  expect(Math.min(...list)).toBeGreaterThanOrEqual(0);
  expect(Math.max(...list)).toBeLessThan(1);
  const tenths = Array.from({ length: 10 }, (_, i) => list.filter((x) => Math.floor(10 * x) === i).length);
  for (const n of tenths) expect(Math.abs(n - 400)).toBeLessThan(90);
  const again = seededDraws('seed');
  expect(list.slice(0, 5)).toEqual(Array.from({ length: 5 }, () => again()));
  expect(seededDraws('other')()).not.toBe(list[0]);
});
