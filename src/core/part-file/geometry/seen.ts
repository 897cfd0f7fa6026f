import { edgesOf, type Edges } from './edges';
import type { Mesh, Vec } from './mesh';
import type { Probed } from './probe';
import type { FineMesh } from './sampling';
import { shellsOf, type Shells } from './shells';
import { Sights } from './sight';
import type { UndercutFound } from './undercut-types';

/** What the search for undercuts looks at: the fine mesh, how its facets meet, and how it is seen from every side. */
export interface Seen {
  readonly fine: FineMesh;
  readonly edges: Edges;
  readonly shells: Shells;
  readonly sights: Sights;
  /** The same from fewer facets, for judging many draws before a few are counted out. */
  readonly rough: Sights;
  /** How far those may stand off, mm. */
  readonly off_mm: number;
  /** Diagonal of the box round the body, mm. */
  readonly diagonal: number;
  /** Undercuts counted out before, by draw: asked for again they are the same. */
  readonly counted: Map<string, UndercutFound>;
}

/** Name of a draw among those counted out. */
export const drawKey = (d: Vec): string => d.map((x) => x.toFixed(9)).join(' ');

/**
 * Readies a fine mesh of a body to be looked at from all sides. @param shells of the body, where they are those of the fine mesh
 *
 * @example
 * seenOf(body.fine, mesh, body.probe).off_mm // 0
 */
export function seenOf(fine: FineMesh, mesh: Mesh, probe: Probed, shells?: Shells): Seen {
  const edges = fine.edges ?? edgesOf(fine.mesh);
  const rough = new Sights(probe.mesh, probe.bvh);
  return {
    fine,
    edges,
    shells: shells ?? shellsOf(edges),
    sights: probe.mesh === mesh ? rough : new Sights(mesh, null),
    rough,
    off_mm: probe.off_mm,
    diagonal: probe.bvh.diagonal,
    counted: new Map(),
  };
}
