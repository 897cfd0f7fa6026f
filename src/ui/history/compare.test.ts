import { describe, expect, test } from 'vitest';
import { SHIPPED_RATES } from '@/core/rates';
import { bracket, BRACKET } from '@/core/testing/demo-briefs';
import type { DecisionRecord } from '@/server/decisions';
import { decisionChanges, revisionChanges } from './compare';

const brief = bracket();

describe('two revisions beside each other', () => {
  test('a changed figure is told with what it does to the leading route', () => {
    const wider = bracket({ quantity: { ...BRACKET.quantity, perYear: 40 } });
    const changes = revisionChanges(brief, wider, 'published', SHIPPED_RATES);
    expect(changes.find((c) => c.what === 'quantity.perYear')).toMatchObject({ was: 400, is: 40 });
    expect(changes.some((c) => c.what.startsWith('total cost per part'))).toBe(true);
  });

  test('measures of the part’s file are one change, a plan is told in words, and the same is nothing', () => {
    const plan = { first: 'plaster/printed', then: 'plaster/resin', pieces: 3 };
    const changes = revisionChanges(brief, { ...brief, plan }, 'published', SHIPPED_RATES);
    expect(changes).toEqual([
      { what: 'plan', was: 'none', is: '3 on plaster, printed pattern, then plaster, resin pattern' },
    ]);
    expect(revisionChanges(brief, brief, 'published', SHIPPED_RATES)).toEqual([]);
  });

  test('without a quantity only the brief is compared', () => {
    const bare = bracket({ quantity: {} });
    const changes = revisionChanges(bare, { ...bare, title: 'Other' }, 'published', SHIPPED_RATES);
    expect(changes.map((c) => c.what)).toEqual(['title']);
  });
});

describe('decisions beside each other', () => {
  const decision = (more: Partial<DecisionRecord>): DecisionRecord =>
    ({
      laneId: 'gravity-die/hand',
      quantity: 2000,
      why: 'Least all in.',
      signedBy: 'Ilse',
      signedOn: '2027-01-05',
      reopenedAt: null,
      snapshot: {
        plan: null,
        rates: SHIPPED_RATES,
        evaluation: { currency: 'USD', lanes: [{ id: 'gravity-die/hand', allIn: 8.1 }] },
      },
      ...more,
    }) as unknown as DecisionRecord;

  test('only what differs is told, and an open revision is not decided', () => {
    expect(decisionChanges(undefined, undefined)).toEqual([]);
    expect(decisionChanges(decision({}), decision({}))).toEqual([]);
    expect(decisionChanges(decision({}), decision({ why: 'It comes sooner.' }))).toEqual([
      { what: 'decision: why', was: 'Least all in.', is: 'It comes sooner.' },
    ]);
    const opened = decisionChanges(undefined, decision({}));
    expect(opened.find((c) => c.what === 'decision: route')).toMatchObject({
      was: 'not decided',
      is: 'gravity die, ladled by hand',
    });
  });
});
