import { CoreError } from '../base/errors';
import { DRAFT_OFFSET, PATTERN_SIZE, RAW_SIZE, SHRINK_FACTOR, rawSize } from '../formula-book/allowances';
import { STAGES, type ShrinkStage } from './data/stages.data';
import type { MethodSubject } from './subject';

/** Allowance grade of machined faces. Basis: rule: what most foundries quote by kind of mould. */
const ALLOWANCE: Readonly<Record<string, string>> = {
  'green-sand': 'G',
  'bonded-sand': 'G',
  plaster: 'E',
  'shell-investment': 'E',
  'flask-investment': 'E',
  'gravity-die': 'E',
  'permanent-mould': 'E',
  'pressure-die': 'C',
  spin: 'D',
};

/** Every toleranced dimension: raw as cast where it is machined, then larger by each stage of shrink back to the tool. */
export function putSizes({ facts, alloy, lane, model, sheet }: MethodSubject): string {
  const { tool, stages } = STAGES[lane.id] ?? { tool: 'pattern', stages: [] };
  const shareOf = ({ share }: ShrinkStage): readonly [number, number, number] => {
    if (typeof share !== 'string') return share;
    const [low, likely, high] =
      share === 'die' ? (alloy.dieShrink_pct ?? alloy.patternShrink_pct) : alloy.patternShrink_pct;
    return [low / 100, likely / 100, high / 100];
  };
  for (const stage of stages)
    sheet.give(
      ...([stage.id, 'sizes', `shrinkage of the ${stage.words}`, '1'] as const),
      ...([shareOf(stage), typeof stage.share === 'string' ? 'alloy' : 'handbook'] as const),
      typeof stage.share === 'string' ? 'handbook' : 'assumed',
    );
  const [first, second, third] = stages.map((s) => s.id);
  sheet.put('shrinkAll', 'sizes', SHRINK_FACTOR, {
    ...{ a: first ?? 0, b: second ?? 0, c: third ?? 0 },
  });
  putHeld(sheet, alloy.patternShrink_pct, stages);
  putDraft(sheet);
  const largest = Math.max(facts.L, facts.W, facts.H);
  const grade = ALLOWANCE[lane.id.split('/')[0] ?? ''] ?? 'G';
  model.part.features.forEach((call, i) => {
    const { feature } = call;
    const id = `size${i + 1}`;
    const name = feature.name || feature.id;
    sheet.give(`${id}.finished`, 'sizes', `${name}, finished`, 'mm', feature.nominal_mm, 'brief');
    let raw: string | null = null;
    const ct = call.grades?.[1];
    if (call.verdict === 'machine' && feature.kind !== 'ream' && ct !== undefined)
      try {
        const inside = feature.kind === 'bore';
        const kind = inside ? 'inside-both' : 'one-side';
        const found = rawSize({
          ...{ finished_mm: feature.nominal_mm, largest_mm: Math.max(largest, feature.nominal_mm), ctGrade: ct },
          ...{ rmaGrade: grade, kind },
        });
        sheet.give(
          `${id}.allowance`,
          'sizes',
          `${name}, machining allowance ${grade}`,
          'mm',
          found.rma_mm,
          'handbook',
          'standard',
        );
        sheet.give(
          `${id}.tolerance`,
          'sizes',
          `${name}, casting tolerance CT${ct}`,
          'mm',
          found.ct_mm,
          'handbook',
          'standard',
        );
        raw = `${id}.raw`;
        sheet.put(
          ...([raw, 'sizes', RAW_SIZE] as const),
          { F: `${id}.finished`, rma: `${id}.allowance`, ct: `${id}.tolerance` },
          ...([kind, `${name}, raw`] as const),
        );
      } catch (error) {
        if (!(error instanceof CoreError)) throw error;
        sheet.say(
          `${id}.solid`,
          'sizes',
          'look',
          `${name} is cast solid: ${error.message}.`,
          [],
          'It is machined whole.',
        );
      }
    const toolId = `${id}.tool`;
    // What a core or the mould holds apart shrinks less than what is free.
    const held = sheet.choose(
      `${id}.held`,
      'sizes',
      `${name} while it shrinks`,
      HELD,
      feature.kind === 'bore' ? 1 : 0,
      'brief',
    );
    sheet.put(
      toolId,
      'sizes',
      PATTERN_SIZE,
      {
        size: raw ?? `${id}.finished`,
        factor: held === 1 && sheet.has('shrinkAllHeld') ? 'shrinkAllHeld' : 'shrinkAll',
      },
      undefined,
      `${name}, ${tool}`,
    );
    sheet.sizes.push({
      ...{
        name,
        finished_mm: feature.nominal_mm,
        raw_mm: sheet.at(raw ?? `${id}.finished`),
        tool_mm: sheet.at(toolId),
      },
      ...{ rawFigure: raw, toolFigure: toolId, held: `${id}.held`, made: `${id}.made` },
    });
  });
  return tool;
}

const HELD = [
  [0, 'free'],
  [1, 'held by core or mould'],
] as const;

/** The factor of sizes that are held while they shrink: the metal’s own stage at the low end of its range. */
function putHeld(
  sheet: MethodSubject['sheet'],
  [low]: readonly [number, number, number],
  stages: readonly ShrinkStage[],
): void {
  if (!stages.some((s) => s.share === 'pattern')) return;
  sheet.give('shrinkHeld', 'sizes', 'shrinkage of the metal where it is held', '1', low / 100, 'alloy', 'handbook');
  const [a, b, c] = stages.map((s) => (s.share === 'pattern' ? 'shrinkHeld' : s.id));
  sheet.put(
    ...(['shrinkAllHeld', 'sizes', SHRINK_FACTOR, { a: a ?? 0, b: b ?? 0, c: c ?? 0 }, undefined] as const),
    'Factor of every stage, for sizes that are held',
  );
}

/** What draft moves a wall by over the height of the part. */
function putDraft(sheet: MethodSubject['sheet']): void {
  sheet.give('draft', 'sizes', 'draft', 'deg', [0.5, 1, 3], 'handbook', 'rule');
  sheet.put('draftOffset', 'sizes', DRAFT_OFFSET, { H: 'height', draft: 'draft', degree: Math.PI / 180 });
}
