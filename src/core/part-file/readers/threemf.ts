import { SaxesParser } from 'saxes';
import { CoreError, refuse } from '../../base/errors';
import { unfold } from './archive';
import { GrowingDoubles, GrowingIndices } from './growing';
import type { LengthUnit } from './length-units';
import { allowedTriangles } from './limits';
import { NO_PROGRESS, type Progress, type RawMesh } from './raw-mesh';

/** Units as a 3MF model names them. */
const UNITS: Readonly<Record<string, LengthUnit>> = {
  micron: 'um',
  millimeter: 'mm',
  centimeter: 'cm',
  inch: 'in',
  foot: 'ft',
  meter: 'm',
};
/** How deep a body may be made of others. */
const DEEPEST = 16;
const CHUNK = 1 << 20;

/** Rows of a 4 by 3 placement: three of turn and scale, one of shift. */
type Placement = readonly number[];
const IN_PLACE: Placement = [1, 0, 0, 0, 1, 0, 0, 0, 1, 0, 0, 0];

interface Placed {
  readonly model: string;
  readonly id: string;
  readonly at: Placement;
}
interface Body {
  positions: Float64Array;
  triangles: Uint32Array;
  parts: Placed[];
}
interface Model {
  readonly unit: LengthUnit;
  readonly bodies: ReadonlyMap<string, Body>;
  readonly items: readonly Placed[];
}

/**
 * Facets of a 3MF file: every item it builds, with its placement, in the file's unit.
 * Refuses E_MESH_FORMAT, E_MESH_TRUNCATED, E_MESH_EMPTY, E_TOO_LARGE. Source: the 3MF core specification, 2 to 4.
 * @example
 * refusalOf(() => readThreeMf(new Uint8Array())) // 'E_MESH_EMPTY'
 */
export function readThreeMf(bytes: Uint8Array, progress: Progress = NO_PROGRESS): RawMesh {
  if (bytes.length === 0) refuse('E_MESH_EMPTY', 'file', '0 bytes', 'a file with facets');
  const files = unfold(bytes, (name) => /\.(model|rels)$/i.test(name));
  progress(0.2);
  const models = new Map<string, Model>();
  for (const [name, data] of files)
    if (/\.model$/i.test(name))
      models.set(
        `/${name}`,
        readModel(`/${name}`, data, (x) => progress(0.2 + 0.6 * x)),
      );
  const root = models.get(rootOf(files)) ?? [...models.values()].find((m) => m.items.length > 0);
  if (root === undefined)
    return refuse(
      'E_MESH_FORMAT',
      'file',
      models.size === 0 ? 'no model in the archive' : 'nothing to build',
      'a 3MF file',
    );
  const positions = new GrowingDoubles();
  const triangles = new GrowingIndices();
  const placings = { left: MOST_PLACED };
  for (const item of root.items) place(models, item, IN_PLACE, positions, triangles, 0, placings);
  if (triangles.length === 0) refuse('E_MESH_EMPTY', 'file', '0 facets', 'a file with facets');
  return { positions: positions.taken(), triangles: triangles.taken(), unit: root.unit, warnings: [] };
}

/** Bytes of the list of what is in the archive, at most. */
const MOST_RELS = 65_536;
/** Letters of one tag, at most: a tag that is never closed would be read again and again. */
const MOST_OF_A_TAG = 65_536;
/** Bodies and components placed, at most, empty ones too: each level of components may name the next many times. */
const MOST_PLACED = 100_000;

/** Name of the model the archive says is its start. */
function rootOf(files: ReadonlyMap<string, Uint8Array>): string {
  const rels = files.get('_rels/.rels');
  if (rels === undefined) return '/3D/3dmodel.model';
  if (rels.length > MOST_RELS)
    return refuse('E_MESH_FORMAT', '_rels/.rels', `${rels.length} bytes`, `at most ${MOST_RELS} bytes`);
  for (const tag of new TextDecoder().decode(rels).match(/<Relationship\b[^>]*>/g) ?? [])
    if (/Type="[^"]*3dmodel"/.test(tag)) {
      const target = /Target="([^"]*)"/.exec(tag)?.[1] ?? '';
      return target.startsWith('/') ? target : `/${target}`;
    }
  return '/3D/3dmodel.model';
}

function readModel(name: string, data: Uint8Array, progress: Progress): Model {
  const bodies = new Map<string, Body>();
  const items: Placed[] = [];
  let unit: LengthUnit = 'mm';
  let id = '';
  let parts: Placed[] = [];
  let positions = new GrowingDoubles();
  let triangles = new GrowingIndices();
  const placed = (a: Readonly<Record<string, string>>): Placed => ({
    model: a['p:path'] ?? name,
    id: a['objectid'] ?? '',
    at: placement(a['transform']),
  });
  const parser = new SaxesParser({ xmlns: false });
  parser.on('error', (error) => refuse('E_MESH_FORMAT', name, error.message.slice(0, 120), 'well-formed XML'));
  parser.on('doctype', () => refuse('E_MESH_FORMAT', name, 'a document type', 'a model without one'));
  parser.on('opentag', (tag) => {
    const a = tag.attributes;
    switch (tag.name.slice(tag.name.indexOf(':') + 1)) {
      case 'model':
        unit = UNITS[a['unit'] ?? 'millimeter'] ?? refuse('E_KEY', 'unit', a['unit'], Object.keys(UNITS).join(' | '));
        break;
      case 'object':
        id = a['id'] ?? '';
        parts = [];
        positions = new GrowingDoubles();
        triangles = new GrowingIndices();
        break;
      case 'vertex':
        positions.push3(figure(name, a['x']), figure(name, a['y']), figure(name, a['z']));
        break;
      case 'triangle':
        triangles.push3(index(name, a['v1']), index(name, a['v2']), index(name, a['v3']));
        if (triangles.length % 30_000 === 0) allowedTriangles(triangles.length / 3);
        break;
      case 'component':
        parts.push(placed(a));
        break;
      case 'item':
        items.push(placed(a));
    }
  });
  parser.on('closetag', (tag) => {
    if (tag.name.slice(tag.name.indexOf(':') + 1) !== 'object') return;
    const corners = positions.length / 3;
    const body = { positions: positions.taken(), triangles: triangles.taken(), parts };
    for (const corner of body.triangles)
      if (corner >= corners) refuse('E_MESH_FORMAT', name, `corner ${corner}`, `0 to ${corners - 1}`);
    bodies.set(id, body);
  });
  const decoder = new TextDecoder('utf-8');
  let open = 0;
  for (let at = 0; at < data.length; at += CHUNK) {
    progress(at / data.length);
    const text = decoder.decode(data.subarray(at, at + CHUNK), { stream: true });
    const begun = text.lastIndexOf('<');
    if (begun > text.lastIndexOf('>')) open = text.length - begun;
    else open = text.includes('>') || open === 0 ? 0 : open + text.length;
    if (open > MOST_OF_A_TAG) refuse('E_MESH_FORMAT', name, 'a tag that is not closed', 'well-formed XML');
    parser.write(text);
  }
  try {
    parser.close();
  } catch (error) {
    if (error instanceof CoreError) throw error;
    refuse('E_MESH_FORMAT', name, String(error).slice(0, 120), 'well-formed XML');
  }
  return { unit, bodies, items };
}

function place(
  models: ReadonlyMap<string, Model>,
  placed: Placed,
  outer: Placement,
  positions: GrowingDoubles,
  triangles: GrowingIndices,
  depth: number,
  placings: { left: number },
): void {
  if (placings.left-- <= 0)
    return refuse('E_TOO_LARGE', 'components', `over ${MOST_PLACED}`, `at most ${MOST_PLACED} bodies and components`);
  const body = models.get(placed.model)?.bodies.get(placed.id);
  if (body === undefined) return refuse('E_MESH_FORMAT', 'objectid', placed.id, 'the id of an object in the file');
  if (depth > DEEPEST)
    return refuse('E_MESH_FORMAT', 'components', `over ${DEEPEST} deep`, 'bodies not made of themselves');
  const at = combined(placed.at, outer);
  const base = positions.length / 3;
  const p = body.positions;
  for (let i = 0; i < p.length; i += 3) positions.push3(...moved(at, p[i] ?? 0, p[i + 1] ?? 0, p[i + 2] ?? 0));
  const mirrored = determinant(at) < 0;
  const t = body.triangles;
  for (let i = 0; i < t.length; i += 3) {
    const [a, b, c] = [(t[i] ?? 0) + base, (t[i + 1] ?? 0) + base, (t[i + 2] ?? 0) + base];
    if (mirrored) triangles.push3(a, c, b);
    else triangles.push3(a, b, c);
  }
  allowedTriangles(triangles.length / 3);
  for (const part of body.parts) place(models, part, at, positions, triangles, depth + 1, placings);
}

function figure(name: string, text: string | undefined): number {
  const x = text === undefined || text.trim() === '' ? NaN : Number(text);
  return Number.isFinite(x) ? x : refuse('E_MESH_FORMAT', name, text ?? 'nothing', 'finite coordinates');
}

function index(name: string, text: string | undefined): number {
  return text !== undefined && /^\d{1,9}$/.test(text)
    ? Number(text)
    : refuse('E_MESH_FORMAT', name, text ?? 'nothing', 'the number of a corner');
}

function placement(text: string | undefined): Placement {
  if (text === undefined) return IN_PLACE;
  const m = text.trim().split(/\s+/).map(Number);
  return m.length === 12 && m.every(Number.isFinite)
    ? m
    : refuse('E_MESH_FORMAT', 'transform', text.slice(0, 80), 'twelve finite numbers');
}

const m = (p: Placement, i: number): number => p[i] ?? 0;

/** Point moved by a placement (row vectors, as the specification writes them). */
function moved(p: Placement, x: number, y: number, z: number): [number, number, number] {
  return [
    x * m(p, 0) + y * m(p, 3) + z * m(p, 6) + m(p, 9),
    x * m(p, 1) + y * m(p, 4) + z * m(p, 7) + m(p, 10),
    x * m(p, 2) + y * m(p, 5) + z * m(p, 8) + m(p, 11),
  ];
}

/** First `inner`, then `outer`. */
function combined(inner: Placement, outer: Placement): Placement {
  const out: number[] = [];
  for (let row = 0; row < 4; row++)
    for (let col = 0; col < 3; col++)
      out.push(
        m(inner, 3 * row) * m(outer, col) +
          m(inner, 3 * row + 1) * m(outer, 3 + col) +
          m(inner, 3 * row + 2) * m(outer, 6 + col) +
          (row === 3 ? m(outer, 9 + col) : 0),
      );
  return out;
}

function determinant(p: Placement): number {
  return (
    m(p, 0) * (m(p, 4) * m(p, 8) - m(p, 5) * m(p, 7)) -
    m(p, 1) * (m(p, 3) * m(p, 8) - m(p, 5) * m(p, 6)) +
    m(p, 2) * (m(p, 3) * m(p, 7) - m(p, 4) * m(p, 6))
  );
}
