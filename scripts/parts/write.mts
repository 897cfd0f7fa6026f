import { zipSync, strToU8 } from 'fflate';

/** Corners and facets of a solid, mm. */
export interface Facets {
  readonly corners: readonly (readonly [number, number, number])[];
  readonly triangles: readonly (readonly [number, number, number])[];
}

/** Binary STL. */
export function asStl({ corners, triangles }: Facets): Uint8Array {
  const out = new DataView(new ArrayBuffer(84 + 50 * triangles.length));
  out.setUint32(80, triangles.length, true);
  triangles.forEach((t, i) => {
    t.forEach((corner, k) =>
      corners[corner]?.forEach((x, a) => out.setFloat32(84 + 50 * i + 12 + 12 * k + 4 * a, x, true)),
    );
  });
  return new Uint8Array(out.buffer);
}

/** 3MF in inches, so that a unit other than mm is met in the demo. */
export function asThreeMf({ corners, triangles }: Facets): Uint8Array {
  const inch = (x: number): string => String(Number((x / 25.4).toPrecision(12)));
  const model = `<?xml version="1.0" encoding="UTF-8"?>
<model unit="inch" xml:lang="en-US" xmlns="http://schemas.microsoft.com/3dmanufacturing/core/2015/02"><resources><object id="1" type="model"><mesh><vertices>${corners
    .map(([x, y, z]) => `<vertex x="${inch(x)}" y="${inch(y)}" z="${inch(z)}"/>`)
    .join('')}</vertices><triangles>${triangles
    .map(([a, b, c]) => `<triangle v1="${a}" v2="${b}" v3="${c}"/>`)
    .join('')}</triangles></mesh></object></resources><build><item objectid="1"/></build></model>`;
  const types =
    '<?xml version="1.0" encoding="UTF-8"?><Types xmlns="http://schemas.openxmlformats.org/package/2006/content-types"><Default Extension="rels" ContentType="application/vnd.openxmlformats-package.relationships+xml"/><Default Extension="model" ContentType="application/vnd.ms-package.3dmanufacturing-3dmodel+xml"/></Types>';
  const rels =
    '<?xml version="1.0" encoding="UTF-8"?><Relationships xmlns="http://schemas.openxmlformats.org/package/2006/relationships"><Relationship Target="/3D/3dmodel.model" Id="r" Type="http://schemas.microsoft.com/3dmanufacturing/2013/01/3dmodel"/></Relationships>';
  return zipSync(
    { '[Content_Types].xml': strToU8(types), '_rels/.rels': strToU8(rels), '3D/3dmodel.model': strToU8(model) },
    { level: 9, mtime: '2026-01-01T00:00:00Z' },
  );
}

/** STEP (AP214): a solid of plane faces, facets of one plane taken together. */
export function asStep(name: string, { corners, triangles }: Facets): Uint8Array {
  const lines: string[] = [];
  const add = (text: string): string => {
    lines.push(`#${lines.length + 1}=${text};`);
    return `#${lines.length}`;
  };
  const f = (x: number): string => {
    const text = String(Number(x.toFixed(7)));
    const [digits = '', power] = text.split('e');
    const pointed = digits.includes('.') ? digits : `${digits}.`;
    return power === undefined ? pointed : `${pointed}E${power}`;
  };
  const point = (p: readonly number[]): string => add(`CARTESIAN_POINT('',(${p.map(f).join(',')}))`);
  const way = (p: readonly number[]): string => add(`DIRECTION('',(${p.map(f).join(',')}))`);
  const context = add(`APPLICATION_CONTEXT('automotive design')`);
  add(`APPLICATION_PROTOCOL_DEFINITION('international standard','automotive_design',2000,${context})`);
  const product = add(`PRODUCT('${name}','${name}','',(${add(`PRODUCT_CONTEXT('',${context},'mechanical')`)}))`);
  const definition = add(
    `PRODUCT_DEFINITION('design','',${add(`PRODUCT_DEFINITION_FORMATION('','',${product})`)},${add(`PRODUCT_DEFINITION_CONTEXT('part definition',${context},'design')`)})`,
  );
  const shape = add(`PRODUCT_DEFINITION_SHAPE('','',${definition})`);
  const lengthUnit = add('(LENGTH_UNIT()NAMED_UNIT(*)SI_UNIT(.MILLI.,.METRE.))');
  const angleUnit = add('(NAMED_UNIT(*)PLANE_ANGLE_UNIT()SI_UNIT($,.RADIAN.))');
  const solidUnit = add('(NAMED_UNIT(*)SI_UNIT($,.STERADIAN.)SOLID_ANGLE_UNIT())');
  const doubt = add(`UNCERTAINTY_MEASURE_WITH_UNIT(LENGTH_MEASURE(1.E-06),${lengthUnit},'distance_accuracy_value','')`);
  const space = add(
    `(GEOMETRIC_REPRESENTATION_CONTEXT(3)GLOBAL_UNCERTAINTY_ASSIGNED_CONTEXT((${doubt}))GLOBAL_UNIT_ASSIGNED_CONTEXT((${lengthUnit},${angleUnit},${solidUnit}))REPRESENTATION_CONTEXT('',''))`,
  );
  const vertex = new Map<number, string>();
  const at = (i: number): readonly [number, number, number] => corners[i] ?? [0, 0, 0];
  const vertexOf = (i: number): string => {
    const known = vertex.get(i) ?? add(`VERTEX_POINT('',${point(at(i))})`);
    vertex.set(i, known);
    return known;
  };
  const edges = new Map<string, string>();
  const edge = (a: number, b: number): string => {
    const [low, high] = a < b ? [a, b] : [b, a];
    let known = edges.get(`${low} ${high}`);
    if (known === undefined) {
      const d = at(high).map((x, k) => x - (at(low)[k] ?? 0));
      const l = Math.hypot(...d);
      const line = add(`LINE('',${point(at(low))},${add(`VECTOR('',${way(d.map((x) => x / l))},1.)`)})`);
      known = add(`EDGE_CURVE('',${vertexOf(low)},${vertexOf(high)},${line},.T.)`);
      edges.set(`${low} ${high}`, known);
    }
    return add(`ORIENTED_EDGE('',*,*,${known},${a < b ? '.T.' : '.F.'})`);
  };
  const faces = planes({ corners, triangles }).map(({ normal, loops }) => {
    const first = loops[0]?.[0] ?? 0;
    const second = loops[0]?.[1] ?? 0;
    const x = at(second).map((v, k) => v - (at(first)[k] ?? 0));
    const l = Math.hypot(...x);
    const bounds = loops.map((loop, i) => {
      const ring = add(`EDGE_LOOP('',(${loop.map((a, k) => edge(a, loop[(k + 1) % loop.length] ?? a)).join(',')}))`);
      return add(`${i === 0 ? 'FACE_OUTER_BOUND' : 'FACE_BOUND'}('',${ring},.T.)`);
    });
    const place = add(`AXIS2_PLACEMENT_3D('',${point(at(first))},${way(normal)},${way(x.map((v) => v / l))})`);
    return add(`ADVANCED_FACE('',(${bounds.join(',')}),${add(`PLANE('',${place})`)},.T.)`);
  });
  const solid = add(`MANIFOLD_SOLID_BREP('${name}',${add(`CLOSED_SHELL('',(${faces.join(',')}))`)})`);
  const origin = add(`AXIS2_PLACEMENT_3D('',${point([0, 0, 0])},${way([0, 0, 1])},${way([1, 0, 0])})`);
  add(
    `SHAPE_DEFINITION_REPRESENTATION(${shape},${add(`ADVANCED_BREP_SHAPE_REPRESENTATION('',(${origin},${solid}),${space})`)})`,
  );
  return strToU8(
    `ISO-10303-21;\nHEADER;\nFILE_DESCRIPTION(('${name}'),'2;1');\nFILE_NAME('${name}.step','2026-01-01T00:00:00',(''),(''),'','','');\nFILE_SCHEMA(('AUTOMOTIVE_DESIGN { 1 0 10303 214 1 1 1 1 }'));\nENDSEC;\nDATA;\n${lines.join('\n')}\nENDSEC;\nEND-ISO-10303-21;\n`,
  );
}

interface PlaneFace {
  readonly normal: readonly number[];
  /** Corners of its rims, the outer first. */
  readonly loops: readonly (readonly number[])[];
}

/** Facets taken together where they lie in one plane and touch. */
function planes({ corners, triangles }: Facets): PlaneFace[] {
  const at = (i: number): readonly [number, number, number] => corners[i] ?? [0, 0, 0];
  const normals = triangles.map(([a, b, c]) => {
    const [p, q, r] = [at(a), at(b), at(c)];
    const u = [q[0] - p[0], q[1] - p[1], q[2] - p[2]] as const;
    const v = [r[0] - p[0], r[1] - p[1], r[2] - p[2]] as const;
    const n = [u[1] * v[2] - u[2] * v[1], u[2] * v[0] - u[0] * v[2], u[0] * v[1] - u[1] * v[0]];
    const l = Math.hypot(...n) || 1;
    return n.map((x) => x / l);
  });
  const sideOf = new Map<string, number>();
  triangles.forEach((t, f) => t.forEach((a, k) => sideOf.set(`${a} ${t[(k + 1) % 3] ?? a}`, f)));
  const group = new Int32Array(triangles.length).fill(-1);
  const out: PlaneFace[] = [];
  const alike = (f: number, g: number): boolean =>
    (normals[f] ?? []).reduce((sum, x, k) => sum + x * (normals[g]?.[k] ?? 0), 0) > 1 - 1e-9;
  for (let seed = 0; seed < triangles.length; seed++) {
    if (group[seed] !== -1) continue;
    const members = [seed];
    group[seed] = seed;
    for (let i = 0; i < members.length; i++) {
      const t = triangles[members[i] ?? 0] ?? [0, 0, 0];
      t.forEach((a, k) => {
        const g = sideOf.get(`${t[(k + 1) % 3] ?? a} ${a}`);
        if (g === undefined || group[g] !== -1 || !alike(seed, g)) return;
        group[g] = seed;
        members.push(g);
      });
    }
    const next = new Map<number, number[]>();
    for (const f of members) {
      const t = triangles[f] ?? [0, 0, 0];
      t.forEach((a, k) => {
        const b = t[(k + 1) % 3] ?? a;
        const g = sideOf.get(`${b} ${a}`);
        if (g === undefined || group[g] !== seed) next.set(a, [...(next.get(a) ?? []), b]);
      });
    }
    const loops: number[][] = [];
    for (const [start] of next)
      while ((next.get(start) ?? []).length > 0) {
        const loop: number[] = [];
        let a = start;
        do {
          loop.push(a);
          a = next.get(a)?.pop() ?? start;
        } while (a !== start);
        loops.push(loop);
      }
    const reach = (loop: readonly number[]): number =>
      Math.max(...loop.map((a) => Math.hypot(...at(a).map((x, k) => x - (at(loop[0] ?? 0)[k] ?? 0)))));
    loops.sort((p, q) => reach(q) - reach(p));
    out.push({ normal: normals[seed] ?? [0, 0, 1], loops });
  }
  return out;
}
