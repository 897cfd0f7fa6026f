/** A hollowed, wavy ball as a binary STL: a shape with walls, of any number of facets. @param across facets round it */
export function wavyShell(across: number): Uint8Array {
  const rows = Math.round(across / 2);
  const facets = 2 * across * (rows - 1) * 2;
  const out = new DataView(new ArrayBuffer(84 + 50 * facets));
  out.setUint32(80, facets, true);
  let at = 84;
  const corner = (i: number, j: number, inner: boolean): readonly [number, number, number] => {
    const t = (Math.PI * i) / rows;
    const p = (2 * Math.PI * (j % across)) / across;
    const r = (inner ? 44 : 50) + (inner ? 1 : 2) * Math.sin(5 * t) * Math.cos(7 * p);
    if (i === 0) return [0, 0, inner ? 44 : 50];
    if (i === rows) return [0, 0, inner ? -44 : -50];
    return [r * Math.sin(t) * Math.cos(p), r * Math.sin(t) * Math.sin(p), r * Math.cos(t)];
  };
  const put = (inner: boolean, ...corners: (readonly [number, number, number])[]): void => {
    const order = inner ? [0, 2, 1] : [0, 1, 2];
    order.forEach((k, n) => corners[k]?.forEach((x, a) => out.setFloat32(at + 12 + 12 * n + 4 * a, x, true)));
    at += 50;
  };
  for (const inner of [false, true])
    for (let i = 0; i < rows; i++)
      for (let j = 0; j < across; j++) {
        const [a, b, c, d] = [
          corner(i, j, inner),
          corner(i + 1, j, inner),
          corner(i + 1, j + 1, inner),
          corner(i, j + 1, inner),
        ];
        if (i < rows - 1) put(inner, a, b, c);
        if (i > 0) put(inner, a, c, d);
      }
  return new Uint8Array(out.buffer);
}
