import { expect, test } from 'vitest';
import { SHIPPED_REF } from '@/core/rates';
import { bracket } from '@/core/testing/demo-briefs';
import { answerPlan } from './phased-plan.answer';
import type { PlanAnswer, PlanRequest } from './phased-plan.protocol';

const asked = (more: Partial<PlanRequest> = {}): PlanRequest => ({
  id: 1,
  brief: bracket(),
  school: 'published',
  rates: SHIPPED_REF,
  q: 800,
  orderDate: '2027-01-04',
  ...more,
});

async function heard(request: PlanRequest, wanted = true): Promise<PlanAnswer[]> {
  const out: PlanAnswer[] = [];
  await answerPlan(
    request,
    (a) => out.push(a),
    () => Promise.resolve(wanted),
  );
  return out;
}

test('plans come back as choices, beside the best route alone', async () => {
  const last = (await heard(asked())).at(-1);
  if (last?.kind !== 'found') throw new Error(JSON.stringify(last));
  expect(last.found.plans.length).toBeGreaterThan(0);
  expect(last.found.plans.every((p) => p.pieces >= 1 && p.pieces < 800)).toBe(true);
  expect(last.found.single).toBe(last.found.cheapest);
});

test('a wrong date is told as what was refused', async () => {
  const last = (await heard(asked({ orderDate: 'soon' }))).at(-1);
  expect(last).toMatchObject({ kind: 'refused', issue: { code: 'E_DATE', field: 'orderDate' } });
});
