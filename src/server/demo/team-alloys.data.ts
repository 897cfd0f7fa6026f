import type { AlloyFacts, AlloyPrice } from '@/core/team-alloys';

/** An alloy of the demo world's own: a purer casting aluminium than the table's, as a supplier of Quillmere sells it. */
export const DEMO_ALLOY: {
  readonly id: string;
  readonly name: string;
  readonly from: string;
  readonly facts: AlloyFacts;
  readonly source: string;
  readonly date: string;
  readonly price: AlloyPrice;
} = {
  id: 'own-quillmere-pure',
  name: 'A356, low iron',
  from: 'al-a356',
  facts: {
    designations: ['supplier’s grade Q7'],
    uses: 'mount parts that must bend before they break',
    conditions: [
      {
        name: 'T6, metal die',
        yield_MPa: 205,
        uts_MPa: 285,
        elongation_pct: 8,
        routes: ['gravity-die', 'permanent-mould'],
      },
      { name: 'T6, sand', yield_MPa: 185, uts_MPa: 250, elongation_pct: 5, routes: ['green-sand', 'bonded-sand'] },
    ],
    routes: { 'pressure-die': { fit: 'no', why: 'So little iron solders to a steel die.' } },
    meltLoss_pct: [1, 2, 3],
  },
  source: 'supplier’s data sheet',
  date: '2026-09-14',
  price: { low: 3.4, likely: 3.7, high: 4.2, date: '2026-11-02', source: 'supplier’s offer' },
};
