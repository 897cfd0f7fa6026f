import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { boardAt, evaluate, RAIL_MAX } from '@/core/comparison/board';
import { prepareStudy } from '@/core/study';
import { deliveriesOf } from '@/core/phased-plans';
import { lifetimeQuantity, type Brief } from '@/core/brief';
import { FIRST_WEIGHTS } from '@/core/comparison/ranking';
import { suggestedActions } from '@/core/decision';
import { SHIPPED_REF } from '@/core/rates';
import { anyBrief } from '@/core/testing/any-brief';
import { bracket } from '@/core/testing/demo-briefs';
import { searched } from '@/core/testing/demo-plans';
import { CORE_VERSION } from '@/core/base/version';
import { frozenOf, type DecisionRecord, type Signing } from '@/server/decisions';
import { DecisionView } from '@/ui/decision/decision-view';
import { perPart, whole } from '@/ui/format';
import { faultsOf, textOf } from '@/ui/testing/html-faults';
import { studyPage } from '@/ui/testing/study-page';

const ORDER = '2026-11-28';

/** A choice as it is signed: the lane, or the plan that the brief has adopted. */
function signed(brief: Brief, laneId: string, quantity: number, more: Partial<Signing> = {}): DecisionRecord {
  const study = prepareStudy(brief);
  const orderDate = brief.quantity.orderDate ?? ORDER;
  const signing: Signing = {
    laneId,
    quantity,
    why: 'Because it costs least & comes in time.',
    signedBy: 'Oda',
    signedOn: ORDER,
    version: 1,
    plan: false,
    drawn: { seed: 1, spread: 'pert', demand: false },
    actions: [],
    ...more,
  };
  const frozen = frozenOf(study, evaluate(brief, { quantity, orderDate }), signing, orderDate, FIRST_WEIGHTS);
  if ('barred' in frozen) throw new Error(frozen.barred);
  const lane = boardAt(study, quantity, orderDate).lanes.find((l) => l.id === laneId);
  return {
    ...signing,
    id: 'd',
    studyId: 's',
    revision: 1,
    school: 'published',
    rateSetId: SHIPPED_REF.id,
    coreVersion: CORE_VERSION,
    createdAt: `${ORDER}T08:00:00.000Z`,
    reopenedAt: null,
    actions: lane === undefined ? [] : suggestedActions(study, lane, orderDate),
    dissents: [{ id: 'x', who: 'Tam', words: 'The core is too thin.', writtenAt: `${ORDER}T09:00:00.000Z` }],
    // What is kept is kept as JSON.
    snapshot: JSON.parse(JSON.stringify(frozen)) as DecisionRecord['snapshot'],
  };
}

const page = (brief: Brief, record: DecisionRecord): Promise<string> => studyPage(brief, <DecisionView />, [record]);

describe('the page of a signed record', () => {
  test('tells the choice, its figures, its reason, who did not agree, and what it rests on', async () => {
    const brief = bracket();
    const board = boardAt(prepareStudy(brief), 2000, ORDER);
    const lane = board.lanes.find((l) => l.id === board.leader);
    const text = textOf(await page(brief, signed(brief, board.leader ?? '', 2000))).replaceAll('\u0001', '');
    for (const said of [
      'Because it costs least & comes in time.',
      'Oda, 28 Nov 2026',
      'The core is too thin.',
      `${perPart(lane?.money?.allIn ?? NaN)} USD per part`,
      `${whole(lane?.money?.tooling ?? NaN)} USD`,
      `model ${CORE_VERSION}`,
      'tolerances by published grades',
      '10\u202f000 simulations',
      'Water and molten metal',
      'Measure and approve the first article',
    ])
      expect(text).toContain(said);
  });

  test('of any part and any lane that could be chosen holds no figure in words and no control without a name', async () => {
    await fc.assert(
      fc.asyncProperty(
        anyBrief
          .map((brief) => {
            const q = Math.min(RAIL_MAX, lifetimeQuantity(brief) ?? 777);
            const board = boardAt(prepareStudy(brief), q, ORDER);
            return { brief, q, able: board.lanes.filter((l) => l.money !== null && l.status !== 'blocked') };
          })
          .filter(({ able }) => able.length > 0),
        fc.nat(),
        async ({ brief, q, able }, pick) => {
          const laneId = able[pick % able.length]?.id ?? '';
          expect(faultsOf(await page(brief, signed(brief, laneId, q)))).toEqual([]);
        },
      ),
      { numRuns: 8 },
    );
  });

  test('of a two-step plan tells both steps and what they come to', async () => {
    const asked = bracket({
      quantity: { perYear: 400, years: 5, lot: 100, prototypes: 6, prototypeDate: '2027-01-05', orderDate: ORDER },
    });
    const study = prepareStudy(asked);
    const [best] = searched(study, 2000, deliveriesOf(study, 2000, ORDER), 1).plans;
    const plan = best === undefined ? null : { first: best.first, then: best.then, pieces: best.pieces };
    const brief = { ...asked, plan };
    const html = await page(brief, signed(brief, plan?.then ?? '', 2000, { plan: true }));
    expect(faultsOf(html)).toEqual([]);
    const text = textOf(html).replaceAll('\u0001', '');
    expect(text).toContain(`First ${whole(plan?.pieces ?? NaN)} on`);
    expect(text).toContain(`Then ${whole(2000 - (plan?.pieces ?? NaN))} on`);
    expect(text).toContain('per part over both steps');
  });
});
