import { CoreError } from '../base/errors';
import { PATTERN_SIZE, RAW_SIZE, SHRINK_FACTOR, rawSize } from '../formula-book/allowances';
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
    sheet.put(
      toolId,
      'sizes',
      PATTERN_SIZE,
      { size: raw ?? `${id}.finished`, factor: 'shrinkAll' },
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
      ...{ rawFigure: raw, toolFigure: toolId },
    });
  });
  return tool;
}
