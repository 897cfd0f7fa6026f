import type { Triple } from '../../base/figures';

/** What a size goes through from tool to casting: the metal’s own shrinkage, or that of a stage before it, a share. */
export interface ShrinkStage {
  readonly id: string;
  readonly words: string;
  readonly share: 'pattern' | 'die' | Triple;
}

const METAL: ShrinkStage = { id: 'shrinkMetal', words: 'metal', share: 'pattern' };
const IN_DIE: ShrinkStage = { id: 'shrinkMetal', words: 'metal in the die', share: 'die' };
/** Basis: assumed; a shop measures its own wax, rubber and plaster. */
const WAX: ShrinkStage = { id: 'shrinkWax', words: 'wax', share: [0.006, 0.01, 0.014] };
const RUBBER: ShrinkStage = { id: 'shrinkRubber', words: 'rubber mould', share: [0.015, 0.025, 0.035] };
const SILICONE: ShrinkStage = { id: 'shrinkRubber', words: 'silicone mould', share: [0.001, 0.003, 0.008] };

/** The stages of each route and variant, in the order in which sizes shrink, and what the tool is called. */
export const STAGES: Readonly<Record<string, { readonly tool: string; readonly stages: readonly ShrinkStage[] }>> = {
  'green-sand/loose': { tool: 'pattern', stages: [METAL] },
  'green-sand/bench': { tool: 'pattern', stages: [METAL] },
  'green-sand/machine': { tool: 'pattern', stages: [METAL] },
  'bonded-sand/pattern': { tool: 'pattern', stages: [METAL] },
  'bonded-sand/printed': { tool: 'printed mould', stages: [METAL] },
  'plaster/resin': { tool: 'pattern', stages: [METAL] },
  'plaster/printed': { tool: 'printed pattern', stages: [METAL] },
  'shell-investment/wax-die': { tool: 'wax die', stages: [WAX, METAL] },
  'shell-investment/printed': { tool: 'printed pattern', stages: [METAL] },
  'flask-investment/rubber-mould': { tool: 'master', stages: [SILICONE, WAX, METAL] },
  'flask-investment/printed': { tool: 'printed pattern', stages: [METAL] },
  'gravity-die/hand': { tool: 'die', stages: [IN_DIE] },
  'gravity-die/open': { tool: 'die', stages: [IN_DIE] },
  'permanent-mould/tilt': { tool: 'die', stages: [IN_DIE] },
  'permanent-mould/low-pressure': { tool: 'die', stages: [IN_DIE] },
  'pressure-die/hot': { tool: 'die', stages: [IN_DIE] },
  'pressure-die/cold': { tool: 'die', stages: [IN_DIE] },
  'spin/organic-rubber': { tool: 'master', stages: [RUBBER, IN_DIE] },
  'spin/silicone-rubber': { tool: 'master', stages: [SILICONE, IN_DIE] },
};
