import type { LineId } from '../cost';

/** Kinds of work that a quote may include: words they are known by, and the lines of the model that pay for them. */
export interface ScopeKind {
  readonly id: string;
  /** As the reply sheet names it. */
  readonly line: string;
  readonly words: RegExp;
  readonly lines: readonly LineId[];
}

/** Every kind of work, the particular before the general. */
export const SCOPE_KINDS: readonly ScopeKind[] = [
  {
    id: 'heat',
    line: 'heat treatment',
    words: /\bt[4567]\d?\b|heat|anneal|stress relie|normalis|temper|quench|age/i,
    lines: ['heatTreatment'],
  },
  {
    id: 'inspection',
    line: 'inspection',
    words: /inspect|test|borescope|x-ray|radiograph|gaug|measur|impregnat/i,
    lines: ['inspection'],
  },
  {
    id: 'coat',
    line: 'coating',
    words: /coat|paint|primer|plat(e|ing)|anodi|passivat|polish|galvan|powder/i,
    lines: ['coat'],
  },
  {
    id: 'machining',
    line: 'machining to drawing',
    words: /machin|ream|tap|bor(e|ing)|drill|mill|turn|sizing/i,
    lines: ['machining'],
  },
  {
    id: 'finishing',
    line: 'fettling',
    words: /fettl|trim|tumbl|blast|clean|grind|deburr|straighten/i,
    lines: ['finishing'],
  },
  {
    id: 'casting',
    line: 'casting',
    words: /cast|mould|pour|wax|core/i,
    lines: ['setUp', 'pours', 'metal', 'melting', 'upkeep', 'containment', 'scrapAndRework'],
  },
  { id: 'delivery', line: 'packing and freight', words: /pack|freight|deliver|dut(y|ies)|carriage/i, lines: [] },
];
