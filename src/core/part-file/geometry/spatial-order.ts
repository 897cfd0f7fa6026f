import { facetMiddle, type Mesh } from './mesh';
import { extent } from './weld';

/** Cells a side of the grid that places are ordered by. */
const CELLS = 1024;
/** Room for a facet's number beside its place. */
const ROOM = 2 ** 21;

/** Facets in an order in which neighbours stand near each other: along a curve that fills space. Source: Morton, 1966. */
export function spatialOrder(mesh: Mesh): Uint32Array {
  const n = mesh.triangles.length / 3;
  const { min, max } = extent(mesh.positions);
  const scale = (CELLS * (1 - 1e-9)) / (Math.max(max[0] - min[0], max[1] - min[1], max[2] - min[2]) || 1);
  const keys = new Float64Array(n);
  for (let f = 0; f < n; f++) {
    const [x, y, z] = facetMiddle(mesh, f);
    const place = spread((x - min[0]) * scale) + 2 * spread((y - min[1]) * scale) + 4 * spread((z - min[2]) * scale);
    keys[f] = place * ROOM + f;
  }
  keys.sort();
  return Uint32Array.from(keys, (key) => key % ROOM);
}

/** The bits of a whole number below 1 024 with two empty ones between each. */
function spread(x: number): number {
  let b = x & 1023;
  b = (b | (b << 16)) & 0x030000ff;
  b = (b | (b << 8)) & 0x0300f00f;
  b = (b | (b << 4)) & 0x030c30c3;
  return (b | (b << 2)) & 0x09249249;
}
