import { afterAll, beforeAll, describe, expect, test } from 'vitest';
import { boardAt } from '@/core/comparison/board';
import { prepareStudy } from '@/core/study';
import { bracket } from '@/core/testing/demo-briefs';
import { closeAll } from '../testing/close-all';
import { freshDatabase } from '../testing/test-database';
import { createStudy, getStudy, listRevisions, restoreRevision, saveBrief } from '../studies';
import { listStandings, renewed } from '../results';
import { getDecision, listDecisions, reopenDecision, writeDissent, type Signing } from '../decisions';
import { signDecision } from '.';

/** The kept standing of a study's decision, looked at again where it is old. */
const standingOf = async (studyId: string) => {
  await renewed();
  return (await listStandings()).standings.find((s) => s.studyId === studyId);
};

beforeAll(() => freshDatabase('decisions'));
afterAll(closeAll);

const leader = boardAt(prepareStudy(bracket()), 2000).leader ?? '';
const signing = (more: Partial<Signing> = {}): Signing => ({
  laneId: leader,
  quantity: 2000,
  why: 'Least all in.',
  signedBy: 'Ilse',
  signedOn: '2027-01-05',
  version: 1,
  plan: false,
  drawn: { seed: 3, spread: 'pert', demand: false },
  actions: [{ what: 'Order the tool', owner: 'Vesna', by: '2027-02-01' }],
  ...more,
});

describe('a signed decision', () => {
  test('keeps its figures, draws, actions and what was written against it', async () => {
    const made = await createStudy(bracket());
    const signed = await signDecision(made.id, signing({ dissent: { who: 'Bram', words: 'Sand would do.' } }));
    if (signed.outcome !== 'signed') throw new Error(signed.outcome);
    const [record] = await listDecisions(made.id);
    expect(record).toEqual(signed.decision);
    expect(record?.actions).toEqual(signing().actions);
    expect(record?.dissents.map((d) => [d.who, d.words])).toEqual([['Bram', 'Sand would do.']]);
    expect(record?.snapshot.figures).toHaveLength(5);
    expect(record?.snapshot.simulation).toMatchObject({ seed: 3, draws: 10_000 });
    expect(record?.snapshot.plan).toBeNull();
    const later = await writeDissent(made.id, record?.id ?? '', { who: 'Oda', words: 'Too soon.' });
    expect(later?.dissents.map((d) => d.who)).toEqual(['Bram', 'Oda']);
    // What leaves the house is made from this one: who did not agree stands in it.
    expect(await getDecision(made.id, record?.id ?? '')).toEqual(later);
    expect(await getDecision((await createStudy(bracket())).id, record?.id ?? '')).toBeUndefined();
    expect(later?.snapshot).toEqual(record?.snapshot);
    expect(await writeDissent(made.id, 'nothing', { who: 'Oda', words: 'x' })).toBeNull();
  });

  test('of a plan freezes the plan; one that nobody adopted, or that ends elsewhere, is refused', async () => {
    const plan = { first: 'plaster/printed', then: leader, pieces: 12 };
    const made = await createStudy({ ...bracket(), plan });
    expect(await signDecision(made.id, signing({ plan: true, laneId: 'plaster/resin' }))).toMatchObject({
      outcome: 'barred',
      reason: `The plan ends on ${leader}, not on plaster/resin.`,
    });
    const signed = await signDecision(made.id, signing({ plan: true }));
    if (signed.outcome !== 'signed') throw new Error(signed.outcome);
    const { snapshot } = signed.decision;
    expect(snapshot.plan).toMatchObject({ ...plan, q: 2000 });
    // What carries it is the plan's own: figures, draws and case.
    expect(snapshot.figures?.map((f) => f.laneId)).toEqual(Array.from({ length: 5 }, () => 'plan'));
    expect(snapshot.simulation?.plan).toBeDefined();
    expect(snapshot.case.against.map((a) => a.text).join(' ')).toMatch(/two processes|dearer in all|serve 12 pieces/i);
    const [kept] = await listDecisions(made.id);
    expect(kept?.snapshot).toEqual(snapshot);
    expect(await standingOf(made.id)).toMatchObject({ state: 'stands', plan: true });
    const bare = await createStudy(bracket());
    expect(await signDecision(bare.id, signing({ plan: true }))).toMatchObject({ outcome: 'barred' });
  });

  test('is among those looked at again until it is reopened', async () => {
    const made = await createStudy(bracket());
    await signDecision(made.id, signing());
    const own = () => standingOf(made.id);
    expect(await own()).toMatchObject({ state: 'stands', causes: [], signedBy: 'Ilse', plan: false });
    const [record] = await listDecisions(made.id);
    await reopenDecision(made.id, record?.id ?? '');
    expect(await own()).toBeUndefined();
  });
});

describe('the history of a brief', () => {
  test('tells who saved what, and takes an earlier revision up again as a new one', async () => {
    const made = await createStudy(bracket(), { editor: 'Ilse#a1' });
    const other = { ...made.brief, title: 'Bracket, wider' };
    await saveBrief(made.id, { brief: other, school: 'published', version: 1, editor: 'b2' });
    const list = await listRevisions(made.id);
    expect(list.map((r) => [r.revision, r.who, r.brief.title])).toEqual([
      [2, null, 'Bracket, wider'],
      [1, 'Ilse', 'Bracket'],
    ]);
    expect(await restoreRevision(made.id, 1, { version: 1, editor: 'c#3' })).toEqual({ outcome: 'conflict' });
    expect(await restoreRevision(made.id, 9, { version: 2, editor: 'c#3' })).toEqual({ outcome: 'missing' });
    const restored = await restoreRevision(made.id, 1, { version: 2, editor: 'c#3' });
    expect(restored).toMatchObject({ outcome: 'restored', study: { revision: 3, version: 3, title: 'Bracket' } });
    expect((await getStudy(made.id))?.brief).toEqual(made.brief);
    expect((await listRevisions(made.id)).map((r) => r.revision)).toEqual([3, 2, 1]);
  });
});
