import { drawn, type DrawnShape, type DrawnText } from './marks';
import type { Fill, PlacedDrawing, Point } from './types';

/** Digits of a coordinate, mm. */
const DIGITS = 3;
const n = (x: number): string => String(Number(x.toFixed(DIGITS)) + 0);
const FILLS: Readonly<Record<Fill, string>> = {
  none: 'none',
  mould: '#f0ebe0',
  metal: '#cfcac0',
  flow: '#e6e2d9',
  core: 'url(#hatch)',
  quiet: '#ffffff',
};
const INK = '#24211d';
const escaped = (text: string): string =>
  text.replaceAll('&', '&amp;').replaceAll('<', '&lt;').replaceAll('>', '&gt;').replaceAll('"', '&quot;');

/**
 * The path of lines and rings in SVG’s own words; y points down there.
 *
 * @param up height that y is counted from, mm
 * @example
 * svgPath([[[0, 0], [1, 0], [1, 1]]], [], 1) // 'M0 1L1 1L1 0Z'
 */
export const svgPath = (
  rings: readonly (readonly Point[])[],
  lines: readonly (readonly Point[])[],
  up: number,
): string => {
  const along = (points: readonly Point[]): string =>
    points.map(([x, y], i) => `${i === 0 ? 'M' : 'L'}${n(x)} ${n(up - y)}`).join('');
  return [...rings.map((r) => `${along(r)}Z`), ...lines.map(along)].join('');
};

/**
 * A drawing as an SVG file in millimetres: one group a layer, pieces named.
 *
 * @param drawing with its text placed; legend lines of names and figures written under it
 * @returns the file’s text
 * @example
 * svgFile(sheet, []).startsWith('<?xml') // true
 */
export function svgFile(drawing: PlacedDrawing, legend: readonly string[]): string {
  const { x0, y0, x1, y1 } = drawing.bounds;
  const line = 1.5 * drawing.text_mm;
  const under = legend.length === 0 ? 0 : (legend.length + 2) * line;
  const longest = Math.max(0, drawing.title.length, ...legend.map((l) => l.length)) * 0.6 * drawing.text_mm;
  const [wide, high] = [Math.max(x1 - x0, legend.length === 0 ? 0 : longest), y1 - y0 + under];
  const hair = drawing.text_mm / 16;
  const groups = new Map<string, string[]>();
  const put = (layer: string, text: string): void => void groups.set(layer, [...(groups.get(layer) ?? []), text]);
  const names = new Map(drawing.pieces.map((p) => [p.id, p.name]));
  for (const it of drawn(drawing)) put(it.layer, it.kind === 'text' ? textOf(it, y1) : shapeOf(it, y1, hair, names));
  const words = [drawing.title, ...legend].map(
    (text, i) =>
      `<text x="${n(x0)}" y="${n(y1 - y0 + (i + 1.6) * line)}" font-size="${n((i === 0 ? 1.15 : 1) * drawing.text_mm)}">${escaped(text)}</text>`,
  );
  const step = drawing.text_mm * 0.5;
  return [
    '<?xml version="1.0" encoding="UTF-8"?>',
    `<svg xmlns="http://www.w3.org/2000/svg" width="${n(wide)}mm" height="${n(high)}mm" viewBox="${n(x0)} 0 ${n(wide)} ${n(high)}" font-family="sans-serif" fill="${INK}">`,
    `<title>${escaped(drawing.title)}</title>`,
    `<defs><pattern id="hatch" width="${n(step)}" height="${n(step)}" patternUnits="userSpaceOnUse" patternTransform="rotate(45)"><path d="M0 0V${n(step)}" stroke="${INK}" stroke-width="${n(hair)}"/></pattern></defs>`,
    ...[...groups].map(([layer, all]) => `<g id="${layer}">\n${all.join('\n')}\n</g>`),
    ...(legend.length === 0 ? [] : words),
    '</svg>',
    '',
  ].join('\n');
}

function shapeOf(it: DrawnShape, up: number, hair: number, names: ReadonlyMap<string, string>): string {
  const dash = it.dashed ? ` stroke-dasharray="${n(12 * hair)} ${n(6 * hair)}"` : '';
  const style = `fill="${FILLS[it.fill]}" fill-rule="evenodd" stroke="${INK}" stroke-width="${n(Math.max(hair, it.thick_mm))}"${dash}`;
  const path = it.rings.length + it.lines.length === 0 ? '' : `<path d="${svgPath(it.rings, it.lines, up)}" ${style}/>`;
  const circles = it.circles.map(
    ({ at: [x, y], radius }) => `<circle cx="${n(x)}" cy="${n(up - y)}" r="${n(radius)}" ${style}/>`,
  );
  const name = names.get(it.of);
  return `<g${name === undefined ? '' : ` data-piece="${escaped(name)}"`}>${path}${circles.join('')}</g>`;
}

const textOf = (it: DrawnText, up: number): string => {
  const [x, y] = [n(it.at[0]), n(up - it.at[1])];
  const turn = it.turn === 0 ? '' : ` transform="rotate(${-it.turn} ${x} ${y})"`;
  return `<text x="${x}" y="${y}" font-size="${n(it.size_mm)}" text-anchor="middle" dominant-baseline="central"${turn}>${escaped(it.text)}</text>`;
};
