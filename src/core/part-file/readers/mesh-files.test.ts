import fc from 'fast-check';
import { strToU8, zipSync } from 'fflate';
import { describe, expect, test } from 'vitest';
import { CoreError } from '../../base/errors';
import { fileKind, likelyUnit, readMeshFile, readObj, readStl, readThreeMf } from '.';
import { unfold } from './archive';
import { TextScan } from './text';

const bytes = (text: string): Uint8Array => strToU8(text);
const refusal = (work: () => unknown): string => {
  try {
    work();
    return 'not refused';
  } catch (error) {
    return error instanceof CoreError ? error.issue.code : `threw ${String(error)}`;
  }
};

const FACET = `facet normal 0 0 1
 outer loop
  vertex 0 0 0
  VERTEX 1.5e0 0 0
  vertex 0 +2 0
 endloop
endfacet
`;

/** Binary STL of some facets, each nine figures. */
function binary(facets: readonly number[][], header = '', extra = 0): Uint8Array {
  const out = new Uint8Array(84 + 50 * facets.length + extra);
  out.set(bytes(header).subarray(0, 80));
  const view = new DataView(out.buffer);
  view.setUint32(80, facets.length, true);
  facets.forEach((f, i) => f.forEach((x, k) => view.setFloat32(84 + 50 * i + 12 + 4 * k, x, true)));
  return out;
}

describe('figures in a text', () => {
  test('are read as the language reads them, to the last bit', () => {
    const written = fc.oneof(
      fc.double({ noNaN: true, noDefaultInfinity: true }).map(String),
      fc.double({ min: -1e6, max: 1e6, noNaN: true }).map((x) => x.toFixed(6)),
      fc.double({ min: -1e6, max: 1e6, noNaN: true }).map((x) => x.toExponential()),
      fc.integer().map((n) => `+${Math.abs(n)}.`),
    );
    fc.assert(
      fc.property(written, (text) => {
        const scan = new TextScan(bytes(`${text} rest`));
        expect(scan.number()).toBe(Number(text));
        scan.skipSpaces();
        expect(scan.word()).toBe('rest');
      }),
      { numRuns: 2000 },
    );
  });
  test.each(['nan', 'inf', '1e999', 'x', '1.2.3', '--1', '', '0x10'])('%j is none', (text) => {
    expect(new TextScan(bytes(text)).number()).toBeNaN();
  });
});

describe('STL', () => {
  test('text: any case, line ends and exponents', () => {
    const got = readStl(bytes(`solid a b\r\n${FACET.replaceAll('\n', '\r\n')}endsolid\r\n`));
    expect([...got.positions]).toEqual([0, 0, 0, 1.5, 0, 0, 0, 2, 0]);
    expect(got.unit).toBeNull();
  });
  test('binary is told by its length, whatever its header says', () => {
    const got = readStl(binary([[0, 0, 0, 1, 0, 0, 0, 1, 0]], 'solid facet'));
    expect(got.triangles).toHaveLength(3);
  });
  test('more bytes than the count needs are read, and told', () => {
    expect(readStl(binary([[0, 0, 0, 1, 0, 0, 0, 1, 0]], 'x', 7)).warnings).toEqual([
      '7 bytes after the last facet were left unread',
    ]);
  });
  test.each([
    ['nothing', new Uint8Array(), 'E_MESH_EMPTY'],
    ['no facet', bytes('solid a\nendsolid\n'), 'E_MESH_EMPTY'],
    ['binary without a facet', binary([]), 'E_MESH_EMPTY'],
    ['cut off binary', binary([[0, 0, 0, 1, 0, 0, 0, 1, 0]]).subarray(0, 100), 'E_MESH_TRUNCATED'],
    ['text without its end', bytes(`solid a\n${FACET}`), 'E_MESH_TRUNCATED'],
    ['text cut in a facet', bytes(`solid a\n${FACET}${FACET.slice(0, 40)}`), 'E_MESH_TRUNCATED'],
    ['nan', bytes(`solid a\n${FACET.replace('1.5e0', 'nan')}endsolid`), 'E_MESH_FORMAT'],
    ['two corners', bytes(`solid a\n${FACET.replace('  vertex 0 0 0\n', '')}endsolid`), 'E_MESH_FORMAT'],
    ['a letter', bytes('Dear Sir, the drawing follows.'), 'E_MESH_FORMAT'],
    ['infinite', binary([[0, 0, 0, Infinity, 0, 0, 0, 1, 0]]), 'E_MESH_FORMAT'],
  ])('%s is refused', (_, file, code) => {
    expect(refusal(() => readStl(file))).toBe(code);
  });
  test('a count that no file of that size can hold is refused before anything is made for it', () => {
    const file = binary([[0, 0, 0, 1, 0, 0, 0, 1, 0]]);
    new DataView(file.buffer).setUint32(80, 4_000_000_000, true);
    expect(refusal(() => readStl(file))).toBe('E_MESH_TRUNCATED');
  });
});

describe('OBJ', () => {
  test('faces are fanned, corners cut at the slash, negative ones counted from the end', () => {
    const got = readObj(bytes('# x\nv 0 0 0\nv 1 0 0\nv 1 1 0\nv 0 1 0\nvn 0 0 1\nf 1/1/1 2//1 3 4\nf -4 -3 -1\n'));
    expect([...got.triangles]).toEqual([0, 1, 2, 0, 2, 3, 0, 1, 3]);
  });
  test.each([
    ['a corner beyond the last', 'v 0 0 0\nv 1 0 0\nv 0 1 0\nf 1 2 4', 'E_MESH_FORMAT'],
    ['corner 0', 'v 0 0 0\nv 1 0 0\nv 0 1 0\nf 0 1 2', 'E_MESH_FORMAT'],
    ['too far back', 'v 0 0 0\nv 1 0 0\nv 0 1 0\nf -4 1 2', 'E_MESH_FORMAT'],
    ['two corners', 'v 0 0 0\nv 1 0 0\nf 1 2', 'E_MESH_FORMAT'],
    ['inf', 'v 0 0 inf\nf 1 1 1', 'E_MESH_FORMAT'],
    ['no face', 'v 0 0 0', 'E_MESH_EMPTY'],
  ])('%s is refused', (_, text, code) => {
    expect(refusal(() => readObj(bytes(text)))).toBe(code);
  });
});

const model = (inner: string, unit = 'inch'): string =>
  `<?xml version="1.0"?><model unit="${unit}" xmlns="m">${inner}</model>`;
const TETRA =
  '<mesh><vertices><vertex x="0" y="0" z="0"/><vertex x="1" y="0" z="0"/><vertex x="0" y="1" z="0"/><vertex x="0" y="0" z="1"/></vertices><triangles><triangle v1="0" v2="2" v3="1"/><triangle v1="0" v2="1" v3="3"/><triangle v1="1" v2="2" v3="3"/><triangle v1="0" v2="3" v3="2"/></triangles></mesh>';
const archive = (xml: string): Uint8Array => zipSync({ '3D/3dmodel.model': strToU8(xml) });

describe('3MF', () => {
  test('items are placed, bodies may be made of others, and the unit is the file’s', () => {
    const got = readThreeMf(
      archive(
        model(
          `<resources><object id="1">${TETRA}</object><object id="2"><components><component objectid="1"/><component objectid="1" transform="1 0 0 0 1 0 0 0 1 5 0 0"/></components></object></resources><build><item objectid="2" transform="2 0 0 0 2 0 0 0 2 0 0 1"/></build>`,
        ),
      ),
    );
    expect(got.unit).toBe('in');
    expect(got.triangles).toHaveLength(24);
    expect([...got.positions.slice(0, 6)]).toEqual([0, 0, 1, 2, 0, 1]);
    expect([...got.positions.slice(12, 15)]).toEqual([10, 0, 1]);
  });
  test('a mirrored body is wound the other way, so that it stays outside out', () => {
    const got = readThreeMf(
      archive(
        model(
          `<resources><object id="1">${TETRA}</object></resources><build><item objectid="1" transform="-1 0 0 0 1 0 0 0 1 0 0 0"/></build>`,
        ),
      ),
    );
    expect([...got.triangles.slice(0, 3)]).toEqual([0, 1, 2]);
  });
  test.each([
    ['not an archive', bytes('hello'), 'E_MESH_FORMAT'],
    ['no model', zipSync({ 'a.txt': bytes('x') }), 'E_MESH_FORMAT'],
    ['broken XML', archive(model('<resources><object>')), 'E_MESH_FORMAT'],
    [
      'a body made of itself',
      archive(
        model(
          '<resources><object id="1"><components><component objectid="1"/></components></object></resources><build><item objectid="1"/></build>',
        ),
      ),
      'E_MESH_FORMAT',
    ],
    ['no such body', archive(model('<build><item objectid="7"/></build>')), 'E_MESH_FORMAT'],
    [
      'a corner beyond the last',
      archive(
        model(
          `<resources><object id="1">${TETRA.replace('v3="1"', 'v3="9"')}</object></resources><build><item objectid="1"/></build>`,
        ),
      ),
      'E_MESH_FORMAT',
    ],
    ['an unknown unit', archive(model('', 'furlong')), 'E_KEY'],
    ['a document type', archive(`<!DOCTYPE model [<!ENTITY a "aaaa">]>${model('')}`), 'E_MESH_FORMAT'],
    [
      'cut off',
      archive(model(`<resources><object id="1">${TETRA}</object></resources>`)).subarray(0, 200),
      'E_MESH_TRUNCATED',
    ],
  ])('%s is refused', (_, file, code) => {
    expect(refusal(() => readThreeMf(file))).toBe(code);
  });
  test('an archive that unfolds to much is stopped where it passes the limit', () => {
    const bomb = zipSync({ 'a.model': new Uint8Array(3_000_000) }, { level: 9 });
    expect(bomb.length).toBeLessThan(20_000);
    expect(refusal(() => unfold(bomb, () => true, 1_000_000))).toBe('E_TOO_LARGE');
    expect(unfold(bomb, () => true).get('a.model')).toHaveLength(3_000_000);
  });
});

describe('what kind a file is', () => {
  test('by its ending, and by how it begins', () => {
    expect(fileKind('A.STL', bytes('solid'))).toBe('stl');
    expect(fileKind('part.stp', bytes('ISO-10303-21;'))).toBe('step');
    expect(refusal(() => fileKind('part.exe', bytes('MZ')))).toBe('E_KEY');
    expect(refusal(() => fileKind('part.stl', archive(model(''))))).toBe('E_MESH_FORMAT');
    expect(refusal(() => fileKind('part.3mf', bytes('solid')))).toBe('E_MESH_FORMAT');
    expect(refusal(() => readMeshFile('part.step', bytes('ISO-10303-21;')))).toBe('E_KEY');
  });
  test('a file without a unit is guessed at by its size', () => {
    expect([0.4, 2, 9.9, 10, 300].map(likelyUnit)).toEqual(['m', 'in', 'in', 'mm', 'mm']);
  });
});
