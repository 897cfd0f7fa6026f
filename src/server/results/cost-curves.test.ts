import { describe, expect, test } from 'vitest';
import { costCurvesOf } from '@/core/comparison/board';
import { SHIPPED_REF } from '@/core/rates';
import { prepareStudy } from '@/core/study';
import { bracket } from '@/core/testing/demo-briefs';
import type { StudyRecord } from '../studies';
import { curvesOf } from './cost-curves';

const at = '2026-11-28T08:00:00.000Z';
const study = (more: Partial<StudyRecord> = {}): StudyRecord => ({
  ...{ id: 's', title: 'Bracket', school: 'published', rates: SHIPPED_REF, revision: 1, version: 1, demo: false },
  ...{ createdAt: at, changedAt: at, archivedAt: null, brief: bracket(), unread: [] },
  ...more,
});

describe('cost curves of a study', () => {
  test('are those of the core, and are not worked out twice', () => {
    const first = curvesOf(study());
    expect(first).toEqual(costCurvesOf(prepareStudy(bracket())));
    expect(curvesOf(study({ version: 2 }))).toBe(first);
  });

  test('follow the brief, the tolerance policy and the rates', () => {
    const first = curvesOf(study());
    const brief = bracket();
    const heavier = { ...brief, geometry: { ...brief.geometry, volume_cm3: (brief.geometry.volume_cm3 ?? 1) * 1.1 } };
    expect(curvesOf(study({ brief: heavier }))).not.toEqual(first);
    expect(curvesOf(study({ school: 'shop' }))).not.toBe(first);
    const rates = { ...SHIPPED_REF, id: 'own', own: { figures: { 'global.shopRate': 2 }, holidays: [] } };
    expect(curvesOf(study({ rates }))).not.toBe(first);
  });

  test('are empty where no lane can be costed', () => {
    expect(curvesOf(study({ brief: bracket({ alloy: null }) }))?.curves).toEqual([]);
  });
});
