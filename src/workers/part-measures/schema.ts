import { z } from 'zod';

const vec = z.tuple([z.number(), z.number(), z.number()]);
const count = z.number().int().min(0);
/** A figure that may be no number: a wall where no two faces stand opposite, say. */
const figure = z.custom<number>((x) => typeof x === 'number', 'a figure');
const floats = z.instanceof(Float32Array);
const cut = z.object({ what: z.string(), done: count, of: count });

const mendTold = z.object({
  repair: z.enum(['holes-filled', 'bodies-parted']),
  pieces: count,
  filled_mm2: z.number(),
});

const file = z.object({
  name: z.string(),
  bytes: count,
  unit: z.enum(['um', 'mm', 'cm', 'm', 'in', 'ft']),
  unitFrom: z.enum(['file', 'given']),
  verdict: z.enum(['solid', 'inside-out', 'mis-oriented', 'open', 'non-manifold']),
  counts: z.object({
    triangles: count,
    vertices: count,
    degenerate: count,
    duplicateFaces: count,
    boundaryEdges: count,
    nonManifoldEdges: count,
    inconsistentEdges: count,
    components: count,
    euler: z.number().int(),
  }),
  turned: count,
  warnings: z.array(z.string()),
  offer: mendTold.nullable(),
  repaired: mendTold.nullable(),
});

const body = z.object({
  whole: z.object({
    size_mm: vec,
    area_mm2: z.number(),
    volume_mm3: z.number().nullable(),
    centroid_mm: vec.nullable(),
    modulus_mm: z.number().nullable(),
    shells: z.array(z.object({ volume_mm3: z.number(), facets: count })),
    nested: count,
  }),
  smallestBox: z.object({ sides_mm: vec, axes: z.tuple([vec, vec, vec]), volume_mm3: z.number() }).nullable(),
  overlapEdges: count,
  walls: z
    .object({
      thinnest_mm: figure,
      leastRay_mm: figure,
      median_mm: figure,
      thin: z.object({ wall_mm: z.number(), centre_mm: vec, share: z.number() }).nullable(),
      thickest_mm: figure,
      ratio: figure,
      shares: z.array(figure),
      places: count,
      resolution_mm: z.number(),
    })
    .nullable(),
  heavy: z.array(
    z.object({
      centre_mm: vec,
      diameter_mm: z.number(),
      localModulus_mm: figure,
      isolated: z.boolean(),
      along_mm: z.number().nullable(),
    }),
  ),
  rounds: z.array(
    z.object({
      kind: z.enum(['hole', 'boss']),
      diameter_mm: z.number(),
      depth_mm: z.number(),
      through: z.boolean(),
      steps: count,
      centre_mm: vec,
      axis: vec,
      facets: z.instanceof(Uint32Array),
    }),
  ),
  roundsUnread: count,
  draws: z.array(
    z.object({
      direction: vec,
      from: z.enum(['file-axis', 'box-axis', 'face', 'hole', 'spread']),
      undercut_mm2: z.number(),
      slides: count.nullable(),
      cores: count.nullable(),
      closedVoids: count.nullable(),
    }),
  ),
  cuts: z.array(cut),
  wallRay: floats.nullable(),
  wallSphere: floats.nullable(),
});

const measured = z.object({
  volume_cm3: z.number().nullable(),
  area_cm2: z.number().nullable(),
  box_mm: vec.nullable(),
  wallMin_mm: z.number().nullable(),
  sectionMax_mm: z.number().nullable(),
  projected_cm2: z.number().nullable(),
  undercuts: count.nullable(),
  passages: count.nullable(),
  coredHoles: count.nullable(),
});

const remark = z.discriminatedUnion('kind', [
  z.object({ kind: z.literal('nested'), bodies: count }),
  z.object({ kind: z.literal('thin'), wall_mm: z.number(), at_mm: vec, share: z.number(), rest_mm: z.number() }),
  z.object({ kind: z.literal('hollows'), hollows: count, atLeast: z.boolean() }),
  z.object({ kind: z.literal('most'), counted: count, most: count }),
  z.object({ kind: z.literal('cut'), what: z.string(), done: count, of: count }),
]);

const draw = z.object({
  direction: vec,
  silhouette_mm2: z.number(),
  halfSum_mm2: z.number(),
  along_mm: z.number(),
  across_mm: z.tuple([z.number(), z.number()]),
  under1deg_mm2: z.number(),
  noDraft_mm2: z.number(),
  draft: floats,
  undercut: z
    .object({
      area_mm2: z.number(),
      share: z.number(),
      slides: count,
      cores: count,
      closedVoids: count,
      specks: z.object({ count, area_mm2: z.number() }),
      cut: cut.nullable(),
      regions: z.array(
        z.object({
          area_mm2: z.number(),
          release: z.enum(['slide', 'two-slides', 'core', 'closed-void']),
          slide: vec.nullable(),
          centre_mm: vec,
        }),
      ),
      half: z.instanceof(Int8Array),
      regionOf: z.instanceof(Uint8Array),
    })
    .nullable(),
  parting: floats,
  geometry: measured,
  remarks: z.partialRecord(z.enum(Object.keys(measured.shape) as [keyof typeof measured.shape]), remark),
  resolution_mm: z.number(),
  /** Kept from a later build on; measured again where it is not there. */
  widest_mm: z.number(),
  heavy: z.array(z.object({ at_mm: vec, diameter_mm: z.number(), modulus_mm: z.number(), isolated: z.boolean() })),
});

/** Kept measures as they are read back: all of what the screen shows, each of its kind. */
export const keptMeasuresSchema = z.object({
  file,
  picture: z.object({
    positions: floats,
    triangles: z.instanceof(Uint32Array),
    creases: floats,
    areas: floats,
  }),
  body,
  draw,
});
