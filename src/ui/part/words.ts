import { REFUSALS, type CoreIssue } from '@/core/base/errors';
import type { DrawClass, MeshVerdict, Release } from '@/core/part-file/geometry';
import type { MeasuredField } from '@/core/part-file/measured';
import { inUnitsOf, type UnitSystem } from '@/core/base/units';
import type { RepairFound, PartStage } from '@/workers/part.protocol';
import { significant } from '../format';

export const STAGE_WORDS: Readonly<Record<PartStage | 'fetching', string>> = {
  fetching: 'Fetching the file',
  reading: 'Reading the file',
  checking: 'Joining and checking its facets',
  measuring: 'Measuring walls, holes and draws',
  undercuts: 'Finding undercuts',
};

export const VERDICT_WORDS: Readonly<Record<MeshVerdict, string>> = {
  solid: 'A closed surface: everything can be measured.',
  'inside-out': 'Wound inside out; it was turned, and everything can be measured.',
  'mis-oriented': 'Some facets were wound the wrong way; they were turned to agree with their neighbours.',
  open: 'The surface has holes: it encloses nothing. Size and area stand; volume, walls and undercuts are not filled in.',
  'non-manifold':
    'Some edges belong to more than two facets: bodies touch along them. Size and area stand; volume, walls and undercuts are not filled in.',
};

const filled = ({ pieces, filled_mm2 }: RepairFound, units: UnitSystem): string => {
  const area = inUnitsOf(filled_mm2 / 100, 'cm²', units) ?? { value: filled_mm2 / 100, unit: 'cm²' };
  return `${pieces} flat ${pieces === 1 ? 'hole' : 'holes'}, ${significant(area.value, 3)} ${area.unit} in all`;
};

/** What repairing would do, as an offer. */
export const offerWords = (offer: RepairFound, units: UnitSystem): string =>
  offer.repair === 'holes-filled'
    ? `It can be closed by filling ${filled(offer, units)}. Every figure then says that the surface was repaired.`
    : `It can be split along those edges into ${offer.pieces} ${offer.pieces === 1 ? 'body' : 'bodies'}, each closed. Every figure then says so.`;

/** What repairing did. */
export const doneWords = (done: RepairFound, units: UnitSystem): string =>
  done.repair === 'holes-filled'
    ? `It was closed here by filling ${filled(done, units)}: all below is of the repaired surface.`
    : `It was parted here into ${done.pieces} ${done.pieces === 1 ? 'body' : 'bodies'}: all below is of the parted surface.`;

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
  projected_cm2: ['Projected area along the draw', 'cm²', 'shadow, by a raster of 2\u202f048 pixels'],
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
