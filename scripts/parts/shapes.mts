import ManifoldModule, { type CrossSection, type Manifold } from 'manifold-3d';

/** The solid modeller, and the few shapes the demo parts are built of. Lengths in mm, angles in degrees. */
export interface Shapes {
  readonly box: (x: number, y: number, z: number) => Manifold;
  /** Standing on z = 0, centred on the axis. */
  readonly round: (d: number, h: number, dTop?: number) => Manifold;
  /** A section turned about z; its x is the radius and its y the height. */
  readonly turned: (points: readonly (readonly [number, number])[]) => Manifold;
  /** A section drawn up along z, its top smaller by a draft. */
  readonly drawn: (section: CrossSection, h: number, draft?: number) => Manifold;
  readonly section: (points: readonly (readonly [number, number])[]) => CrossSection;
  /** A rectangle about the origin with rounded corners. */
  readonly plate: (x: number, y: number, r: number) => CrossSection;
  readonly all: (parts: readonly Manifold[]) => Manifold;
}

const SIDES = 36;

export async function shapes(): Promise<Shapes> {
  const modeller = await ManifoldModule();
  // The classes are complete only after this.
  modeller.setup();
  return ready(modeller.Manifold, modeller.CrossSection);
}

type Module = Awaited<ReturnType<typeof ManifoldModule>>;

function ready(Solid: Module['Manifold'], Section: Module['CrossSection']): Shapes {
  const section = (points: readonly (readonly [number, number])[]): CrossSection =>
    new Section([points.map(([x, y]): [number, number] => [x, y])], 'Positive');
  return {
    box: (x, y, z) => Solid.cube([x, y, z], true),
    round: (d, h, dTop = d) => Solid.cylinder(h, d / 2, dTop / 2, SIDES),
    turned: (points) => section(points).revolve(2 * SIDES),
    section,
    plate: (x, y, r) => Section.square([x - 2 * r, y - 2 * r], true).offset(r, 'Round', 2, 32),
    drawn: (s, h, draft = 0) => {
      const b = s.bounds();
      const shrink = (size: number): number => 1 - (2 * h * Math.tan((draft * Math.PI) / 180)) / size;
      return s.extrude(h, 0, 0, [shrink(b.max[0] - b.min[0]), shrink(b.max[1] - b.min[1])]);
    },
    all: (parts) => Solid.union([...parts]),
  };
}
