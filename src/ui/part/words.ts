import { REFUSALS, type CoreIssue } from '@/core/errors';
import type { DrawClass, MeshVerdict, Release } from '@/core/geometry';
import type { MeasuredField } from '@/core/measured';
import { MAX_FILE_BYTES, MAX_TRIANGLES } from '@/core/mesh-files';
import type { PartStage } from '@/workers/part.protocol';

export const STAGE_WORDS: Readonly<Record<PartStage | 'fetching', string>> = {
  fetching: 'Fetching the file',
  reading: 'Reading the file',
  checking: 'Joining and checking its facets',
  measuring: 'Measuring walls, holes and draws',
  undercuts: 'Looking for undercuts',
};

export const VERDICT_WORDS: Readonly<Record<MeshVerdict, string>> = {
  solid: 'A closed surface: everything can be measured.',
  'inside-out': 'Wound inside out; it was turned, and everything can be measured.',
  'mis-oriented': 'Some facets were wound the wrong way; they were turned to agree with their neighbours.',
  open: 'The surface has holes: it encloses nothing. Size and area stand; volume, walls and undercuts are not filled in. Close it in the model and drop it again.',
  'non-manifold':
    'Some edges belong to more than two facets: bodies touch along them. Size and area stand; volume, walls and undercuts are not filled in. Part the bodies in the model and drop it again.',
};

export const DRAW_WORDS: Readonly<Record<DrawClass, string>> = {
  'file-axis': 'axis of the file',
  'box-axis': 'axis of the smallest box',
  face: 'square to large faces',
  hole: 'along round walls',
  spread: 'tried in between',
};

export const RELEASE_WORDS: Readonly<Record<Release, string>> = {
  slide: 'one slide, loose piece or core from outside',
  'two-slides': 'two opposed slides',
  core: 'a core: no straight pull clears it',
  'closed-void': 'nothing: a closed hollow cannot be cast as drawn',
};

export const FIELD_WORDS: Readonly<Record<MeasuredField, readonly [name: string, unit: string, how: string]>> = {
  volume_cm3: ['Volume', 'cm³', 'exact for these facets, by the divergence theorem'],
  area_cm2: ['Whole surface', 'cm²', 'exact for these facets: their sum'],
  box_mm: [
    'Box: length, width, height along the draw',
    'mm',
    'exact: least rectangle across the draw, height along it',
  ],
  wallMin_mm: ['Thinnest wall', 'mm', 'estimate: inward rays; 1 % of the surface is no thicker'],
  sectionMax_mm: ['Thickest section', 'mm', 'estimate: the largest sphere that fits inside'],
  projected_cm2: ['Projected area along the draw', 'cm²', 'shadow, by a raster of 2 048 pixels'],
  undercuts: ['Undercuts', 'pieces', 'estimate: rays along the draw, regions that slides free'],
  passages: ['Inner passages', 'pieces', 'estimate: regions that no slide frees'],
  coredHoles: ['Holes wanted cast', 'holes', 'estimate: full round walls from 3 mm'],
};

/** A refusal in a sentence: what is wrong, what was met, and what would be accepted. */
export function refusalWords(name: string, issue: CoreIssue | null, message: string): string {
  if (issue === null) return `${name}: ${message}`;
  const met =
    typeof issue.value === 'string' || typeof issue.value === 'number' ? ` (${issue.field}: ${issue.value})` : '';
  return `${name} was not read: ${REFUSALS[issue.code]}${met}. Accepted: ${issue.accepted}.`;
}

export const FILE_HELP = `STL, OBJ, 3MF or STEP, up to ${MAX_FILE_BYTES / 1024 / 1024} MB or ${MAX_TRIANGLES / 1e6} million facets. It is measured in this browser and kept with the study.`;
