import { refuse } from '../../base/errors';
import type { BodyMeasures, DrawMeasures, UndercutRegion } from '../geometry';
import { computed, fromAlloy, type Working, type WorkingSymbol } from '../../equations';
import { CORED_FROM_MM, MOST_COUNTED, thinnestOf, type MeasuredField, type MeasuredGeometry } from './geometry';

/** A figure of a measured part that has a working. */
export type PartFigure = MeasuredField | 'mass' | 'modulus' | 'ratio' | 'smallestBox' | 'trapped';

/** What was measured of a part, as far as its workings tell it. */
export interface PartFacts {
  readonly facets: number;
  readonly body: Pick<BodyMeasures, 'whole' | 'smallestBox' | 'walls' | 'heavy' | 'rounds'>;
  readonly draw: Pick<
    DrawMeasures,
    'direction' | 'silhouette_mm2' | 'halfSum_mm2' | 'along_mm' | 'across_mm' | 'under1deg_mm2'
  > & {
    readonly undercut: {
      readonly area_mm2: number;
      readonly slides: number;
      readonly cores: number;
      readonly closedVoids: number;
      readonly regions: readonly Omit<UndercutRegion, 'facets'>[];
    } | null;
    readonly geometry: MeasuredGeometry;
    readonly resolution_mm: number;
  };
  readonly alloy: { readonly id: string; readonly name: string; readonly density_kg_m3: number } | null;
}

type Built = Omit<Working, 'figure'>;
/** More shells than this are summed before they are shown. */
const REGIONS_LISTED = 6;

/**
 * How a figure of a measured part came about. Exact figures say so; estimates name their spacing.
 * @throws {CoreError} E_NO_VALUE where the surface does not let it be trusted
 * Source: the formula book, part 1.
 * @example
 * partWorking('area_cm2', { facets: 12, body: measures, draw: { ...drawn, geometry } }).value // 6
 */
export function partWorking(figure: PartFigure, facts: PartFacts): Working {
  const built = BUILDERS[figure](facts);
  if (built === null) return refuse('E_NO_VALUE', 'figure', figure, 'a figure that this surface lets one measure');
  return { figure, ...built };
}

/**
 * Whether a figure of a measured part can be shown, with its working.
 *
 * @example
 * hasPartWorking('area_cm2', { facets: 12, body: measures, draw: { ...drawn, geometry } }) // true
 */
export const hasPartWorking = (figure: PartFigure, facts: PartFacts): boolean => BUILDERS[figure](facts) !== null;

const exact = (facets: number): string =>
  `Exact for the ${facets} facets as drawn; a round wall is as round as its facets.`;
const estimate = (f: PartFacts): string =>
  `An estimate: looked at every ${f.draw.resolution_mm.toPrecision(2)} mm or so.`;
const count = (symbol: string, meaning: string, value: number, unit: string): WorkingSymbol =>
  computed(symbol, meaning, value, unit);

const BUILDERS: Readonly<Record<PartFigure, (f: PartFacts) => Built | null>> = {
  volume_cm3: (f) => {
    if (f.draw.geometry.volume_cm3 === null) return null;
    const shells = f.body.whole.shells;
    const symbols =
      shells.length <= REGIONS_LISTED
        ? shells.map((s, i) =>
            count(
              `V${i + 1}`,
              `${s.volume_mm3 < 0 ? 'closed hollow' : 'body'} of ${s.facets} facets`,
              s.volume_mm3,
              'mm³',
            ),
          )
        : [
            count(
              'V1',
              `${shells.filter((s) => s.volume_mm3 > 0).length} bodies`,
              sum(shells.map((s) => Math.max(0, s.volume_mm3))),
              'mm³',
            ),
            count(
              'V2',
              `${shells.filter((s) => s.volume_mm3 < 0).length} closed hollows`,
              sum(shells.map((s) => Math.min(0, s.volume_mm3))),
              'mm³',
            ),
          ];
    return {
      title: 'Volume',
      equation: 'Divergence theorem: a sixth of a · (b × c), summed over the facets of each body',
      expression: `(${symbols.map((s) => s.symbol).join(' + ')}) / 1000`,
      value: sum(symbols.map((s) => s.value)) / 1000,
      unit: 'cm³',
      symbols,
      note: exact(f.facets),
    };
  },
  area_cm2: (f) =>
    f.draw.geometry.area_cm2 === null
      ? null
      : {
          title: 'Whole surface',
          equation: 'Half of |(b − a) × (c − a)|, summed over the facets',
          expression: 'S / 100',
          value: f.body.whole.area_mm2 / 100,
          unit: 'cm²',
          symbols: [count('S', `sum over ${f.facets} facets`, f.body.whole.area_mm2, 'mm²')],
          note: exact(f.facets),
        },
  box_mm: (f) =>
    f.draw.geometry.box_mm === null
      ? null
      : {
          title: 'Box',
          equation: 'Least rectangle around the corners seen along the draw, and their reach along it',
          expression: 'L * W * H / 1000000',
          value: (f.draw.across_mm[0] * f.draw.across_mm[1] * f.draw.along_mm) / 1e6,
          unit: 'dm³',
          symbols: [
            count('L', 'length, across the draw', f.draw.across_mm[0], 'mm'),
            count('W', 'width, across the draw', f.draw.across_mm[1], 'mm'),
            count('H', 'height, along the draw', f.draw.along_mm, 'mm'),
          ],
          note: 'Exact: one side of the least rectangle lies along a side of the outline.',
        },
  wallMin_mm: (f) => {
    const w = f.body.walls;
    if (f.draw.geometry.wallMin_mm === null || w === null) return null;
    return {
      title: 'Thinnest wall',
      equation: 'Rays inward, square to the surface, to the first face that looks back',
      expression: w.thin === null ? 't1' : 'tf',
      value: thinnestOf(w),
      unit: 'mm',
      symbols: [
        ...(w.thin === null
          ? []
          : [
              count(
                'tf',
                `a thin feature of ${(100 * w.thin.share).toPrecision(2)} % of the surface`,
                w.thin.wall_mm,
                'mm',
              ),
            ]),
        count('t1', '1 % of the surface is no thicker than this', w.thinnest_mm, 'mm'),
        count('t0', 'least ray of all: a single place, often at an edge', w.leastRay_mm, 'mm'),
        count('t50', 'half of the surface is no thicker', w.median_mm, 'mm'),
        count('n', 'places looked from', w.places, 'places'),
      ],
      note: `${estimate(f)} Trust the thin end; near rims rays read too thick.`,
    };
  },
  sectionMax_mm: (f) => {
    const [heaviest] = f.body.heavy;
    if (f.draw.geometry.sectionMax_mm === null || heaviest === undefined) return null;
    const [x, y, z] = heaviest.centre_mm;
    return {
      title: 'Thickest section',
      equation: 'Largest sphere that touches the surface from inside and is cut by none of it',
      expression: '2 * R',
      value: heaviest.diameter_mm,
      unit: 'mm',
      symbols: [
        count('R', 'radius of that sphere', heaviest.diameter_mm / 2, 'mm'),
        count('x', 'its middle', x, 'mm'),
        count('y', 'its middle', y, 'mm'),
        count('z', 'its middle', z, 'mm'),
        count('M', 'volume over area of the metal within two radii', heaviest.localModulus_mm, 'mm'),
      ],
      note: `${estimate(f)} A heavier place between those looked at may be missed.`,
    };
  },
  projected_cm2: (f) => ({
    title: 'Projected area along the draw',
    equation: 'Shadow of the facets on a raster across the draw',
    expression: 'P / 100',
    value: f.draw.silhouette_mm2 / 100,
    unit: 'cm²',
    symbols: [
      count('P', 'area of the shadow', f.draw.silhouette_mm2, 'mm²'),
      count(
        'P2',
        'half the sum of the facets’ own shadows: more where they cover each other',
        f.draw.halfSum_mm2,
        'mm²',
      ),
    ],
    note: 'The shadow is within half a pixel of its outline, of 2\u202f048 pixels across; runners and overflows come on top.',
  }),
  undercuts: (f) => {
    const u = f.draw.undercut;
    if (f.draw.geometry.undercuts === null || u === null) return null;
    const freed = (release: string): number => u.regions.filter((r) => r.release === release).length;
    return {
      title: 'Undercuts',
      equation: 'Regions that neither half of the mould releases, by what frees them',
      expression: 'nd',
      value: Math.min(MOST_COUNTED, u.slides),
      unit: 'pieces',
      symbols: [
        count(
          'nd',
          'directions that slides are drawn in: regions freed in one direction share a slide',
          Math.min(MOST_COUNTED, u.slides),
          'pieces',
        ),
        count('n1', 'regions freed by one slide, loose piece or core from outside', freed('slide'), 'regions'),
        count('n2', 'regions freed by two opposed slides', freed('two-slides'), 'regions'),
        count('Au', 'surface trapped in all', u.area_mm2, 'mm²'),
      ],
      note: `${estimate(f)} Slides are tried every 5° around the draw and along the faces of each region.`,
    };
  },
  passages: (f) => {
    const u = f.draw.undercut;
    if (f.draw.geometry.passages === null || u === null) return null;
    return {
      title: 'Inner passages',
      equation: 'Regions that no straight pull clears',
      expression: 'min(nc + nv, 100)',
      value: Math.min(MOST_COUNTED, u.cores + u.closedVoids),
      unit: 'pieces',
      symbols: [
        count('nc', 'regions that need a core', u.cores, 'regions'),
        count('nv', 'closed hollows, which cannot be cast as drawn', u.closedVoids, 'regions'),
      ],
      note: estimate(f),
    };
  },
  coredHoles: (f) => {
    if (f.draw.geometry.coredHoles === null) return null;
    const holes = f.body.rounds.filter((r) => r.kind === 'hole');
    return {
      title: 'Holes wanted cast',
      equation: `Full round walls that were recognised, from ${CORED_FROM_MM} mm`,
      expression: 'n - narrow',
      value: f.draw.geometry.coredHoles,
      unit: 'holes',
      symbols: [
        count('n', 'round holes recognised', holes.length, 'holes'),
        count(
          'narrow',
          `narrower than ${CORED_FROM_MM} mm: taken to be drilled`,
          holes.length - f.draw.geometry.coredHoles,
          'holes',
        ),
      ],
      note: 'An estimate: slots, half rounds and walls blended into others are not recognised. Type over it what is really wanted cast.',
    };
  },
  mass: (f) => {
    const volume = f.body.whole.volume_mm3;
    if (f.draw.geometry.volume_cm3 === null || volume === null || f.alloy === null) return null;
    return {
      title: 'Mass',
      equation: 'Volume times density of the solid alloy',
      expression: 'V * rho / 1000000',
      value: ((volume / 1000) * f.alloy.density_kg_m3) / 1e6,
      unit: 'kg',
      symbols: [
        count('V', 'volume', volume / 1000, 'cm³'),
        fromAlloy('rho', `density of ${f.alloy.name}`, f.alloy.density_kg_m3, 'kg/m³', 'density_kg_m3', undefined),
      ],
      note: 'Of the finished part; what is poured is more.',
    };
  },
  modulus: (f) => {
    const { volume_mm3, area_mm2, modulus_mm } = f.body.whole;
    if (f.draw.geometry.volume_cm3 === null || volume_mm3 === null || modulus_mm === null) return null;
    return {
      title: 'Geometric modulus',
      equation: 'Chvorinov: volume over cooling surface',
      expression: 'V / S',
      value: modulus_mm,
      unit: 'mm',
      symbols: [count('V', 'volume', volume_mm3, 'mm³'), count('S', 'whole surface', area_mm2, 'mm²')],
      note: 'Of the whole part; a heavy place has one of its own, told in the list of places.',
    };
  },
  ratio: (f) => {
    const w = f.body.walls;
    if (w === null || f.draw.geometry.wallMin_mm === null || !Number.isFinite(w.ratio)) return null;
    return {
      title: 'Thick to thin',
      equation: 'Thickest section over thinnest wall',
      expression: 's / t',
      value: w.ratio,
      unit: '–',
      symbols: [
        count('s', 'thickest section, by sphere', w.thickest_mm, 'mm'),
        count('t', 'thinnest wall, by ray', w.thinnest_mm, 'mm'),
      ],
      note: `${estimate(f)} Metal goes hungry where thick follows thin: the higher, the more feeding.`,
    };
  },
  smallestBox: (f) => {
    const b = f.body.smallestBox;
    if (b === null) return null;
    const [L, W, H] = b.sides_mm;
    return {
      title: 'Smallest box, turned any way',
      equation: 'Least box of those with a side along a face or an edge of the hull',
      expression: 'L * W * H / 1000000',
      value: (L * W * H) / 1e6,
      unit: 'dm³',
      symbols: [
        count('L', 'longest side', L, 'mm'),
        count('W', 'middle side', W, 'mm'),
        count('H', 'shortest side', H, 'mm'),
      ],
      note: 'What the part needs of a crate or a shell, whichever way it lies.',
    };
  },
  trapped: (f) => {
    const u = f.draw.undercut;
    if (u === null) return null;
    const listed = u.regions.slice(0, REGIONS_LISTED);
    const rest = u.area_mm2 - sum(listed.map((r) => r.area_mm2));
    const symbols = [
      ...listed.map((r, i) => count(`A${i + 1}`, `region U${i + 1}`, r.area_mm2, 'mm²')),
      count('rest', 'smaller regions and specks', rest, 'mm²'),
    ];
    return {
      title: 'Surface that a straight draw traps',
      equation: 'Facets from whose places neither half of the mould is in sight along the draw',
      expression: `(${symbols.map((s) => s.symbol).join(' + ')}) / 100`,
      value: u.area_mm2 / 100,
      unit: 'cm²',
      symbols,
      note: estimate(f),
    };
  },
};

const sum = (list: readonly number[]): number => list.reduce((all, x) => all + x, 0);
