import type { Vec } from './mesh';
import type { Cut } from './work';

/** What frees a region that a straight draw traps. */
export type Release = 'slide' | 'two-slides' | 'core' | 'closed-void';

/** One connected stretch of surface that neither half of the mould can release. */
export interface UndercutRegion {
  readonly area_mm2: number;
  readonly release: Release;
  /** Unit direction the slide is drawn in; null where no slide frees it. */
  readonly slide: Vec | null;
  /** Middle of the region, weighted by area, mm. */
  readonly centre_mm: Vec;
  readonly facets: Uint32Array;
}

export interface UndercutFound {
  readonly area_mm2: number;
  readonly share: number;
  readonly regions: readonly UndercutRegion[];
  /** Trapped stretches too small to be counted as regions, and their surface together. */
  readonly specks: { readonly count: number; readonly area_mm2: number };
  /** Slides in all: regions freed in one direction share a slide. */
  readonly slides: number;
  readonly cores: number;
  readonly closedVoids: number;
  /** What was cut short; null where all was looked at. */
  readonly cut: Cut | null;
  /** Share of each facet of the fine mesh that is trapped. */
  readonly trapped: Float32Array;
  /** Half that releases each facet: 1 along +d, -1 along -d, 0 either, 2 none. */
  readonly half: Int8Array;
}
