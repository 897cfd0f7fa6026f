import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import type { ReactNode } from 'react';
import { boardAt, crossings, verdictSentence } from '@/core/comparison/board';
import { prepareStudy } from '@/core/study';
import { lifetimeQuantity } from '@/core/brief';
import { anyBrief } from '@/core/testing/any-brief';
import { bracket } from '@/core/testing/demo-briefs';
import { AlloysView } from '../alloys/alloys-view';
import { StudyCalculator } from '../calculator/study-calculator';
import { RoutesView } from '../board/routes-view';
import { BriefView } from '../brief/brief-view';
import { CalendarView } from '../calendar/calendar-view';
import { DecisionView } from '../decision/decision-view';
import { ProcessStepsView } from '../process-steps/process-steps-view';
import { PartView } from '../part/part-view';
import { WhoCanView } from '../foundries/who-can-view';
import { MethodView } from '../method/method-view';
import { RequirementsView } from '../requirements/requirements-view';
import { perPart, whole } from '../format';
import { faultsOf, textOf } from '../testing/html-faults';
import { studyPage } from '../testing/study-page';

const VIEWS = {
  alloys: <AlloysView />,
  calculator: <StudyCalculator />,
  brief: <BriefView />,
  calendar: <CalendarView />,
  decision: <DecisionView />,
  foundries: <WhoCanView />,
  method: <MethodView asked={null} />,
  'process-steps': <ProcessStepsView asked={null} />,
  part: <PartView />,
  requirements: <RequirementsView />,
  routes: <RoutesView />,
};

describe.each(Object.entries(VIEWS))('the view %s', (_, view) => {
  test('comes whole from the server, whatever the brief: no figure in words, no control without a name', async () => {
    await fc.assert(
      fc.asyncProperty(anyBrief, async (brief) => {
        const html = await studyPage(brief, view);
        expect(faultsOf(html)).toEqual([]);
        expect(html).toContain('Any part');
      }),
      { numRuns: 8 },
    );
  });
});

describe('the pages of a part', () => {
  const brief = bracket();
  const words = async (view: ReactNode): Promise<string> =>
    textOf(await studyPage(brief, view)).replaceAll('\u0001', '');
  const board = boardAt(prepareStudy(brief), lifetimeQuantity(brief) ?? 0);

  test('the board shows the best of every route, blocked ones with their reason and what would fix it', async () => {
    const html = await studyPage(brief, VIEWS.routes);
    for (const id of Object.values(board.bestOfRoute)) {
      const lane = board.lanes.find((l) => l.id === id);
      const [, row = ''] = new RegExp(`data-lane="${id}"(.*?)(?=data-lane=|$)`, 's').exec(html) ?? [];
      const text = textOf(row).replaceAll('\u0001', '');
      if (lane?.money == null || lane.status === 'blocked') expect(text).toMatch(/→|reason/);
      else {
        expect(text).toContain(`${perPart(lane.money.allIn)}USD`);
        expect(text).toContain(`${whole(lane.money.tooling)}USD`);
      }
    }
  });

  test('the verdict above every view is that of the board at the life of the part', async () => {
    const verdict = verdictSentence(board, crossings(prepareStudy(brief)), 'USD');
    for (const view of Object.values(VIEWS)) expect(await words(view)).toContain(verdict);
  });

  test('the decision offers every lane that survives, the leader chosen, each figure opening', async () => {
    const html = await studyPage(brief, VIEWS.decision);
    const rows = [...html.matchAll(/<input([^>]*)type="radio"([^>]*)value="([^"]+\/[^"]+)"([^>]*)>(.*?)<\/tr>/gs)];
    const able = board.lanes.filter((l) => l.money !== null && l.status !== 'blocked');
    expect(rows.map(([, , , id]) => id).sort()).toEqual(able.map((l) => l.id).sort());
    expect(rows.filter(([, , more = '']) => more.includes('checked')).map(([, , , id]) => id)).toEqual([board.leader]);
    for (const [, , , id, , row = ''] of rows) {
      const lane = able.find((l) => l.id === id);
      expect([...row.matchAll(/<button/g)], id).toHaveLength(4);
      expect(textOf(row), id).toContain(perPart(lane?.money?.allIn ?? NaN));
    }
  });

  test('an alloy set beside the brief’s own is not called unpoured before it was looked at', async () => {
    const beside = bracket({ candidates: ['al-a356', 'al-319'] });
    const text = textOf(await studyPage(beside, VIEWS.alloys));
    expect(text).toContain('Side by side');
    expect(text).not.toMatch(/not poured|no route/i);
    expect(text).toContain('Calculating …');
  });

  test('what is not drawn or found yet says so, and nothing is said to be of a moment ago', async () => {
    const text = await words(VIEWS.routes);
    for (const said of ['Simulating …', 'Searching …']) expect(text).toContain(said);
    for (const view of ['routes', 'calendar', 'decision'] as const)
      expect(await words(VIEWS[view])).not.toContain('a moment ago');
    expect(await words(VIEWS.calendar)).toContain('Comparing every pair');
  });

  test('the brief asks for every figure with its unit', async () => {
    const html = await studyPage(brief, VIEWS.brief);
    for (const path of ['geometry.volume_cm3', 'geometry.area_cm2', 'geometry.wallMin_mm', 'quantity.perYear'])
      expect(html, path).toContain(`id="field-${path.replaceAll('.', '-')}"`);
    for (const unit of ['cm³', 'cm²', 'mm', 'µm', 'pieces']) expect(textOf(html), unit).toContain(unit);
  });
});
