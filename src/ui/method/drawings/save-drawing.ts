import { svgFile, type PlacedDrawing } from '@/core/drawing';

/** A name that any file system takes. */
const safe = (name: string): string =>
  name
    .replace(/[^\p{L}\p{N}]+/gu, '-')
    .replace(/^-|-$/g, '')
    .slice(0, 80) || 'drawing';

function give(name: string, text: string, type: string): void {
  const url = URL.createObjectURL(new Blob([text], { type }));
  const link = document.createElement('a');
  link.href = url;
  link.download = name;
  link.click();
  // The browser reads it after the click: it is let go a while later.
  setTimeout(() => URL.revokeObjectURL(url), 60_000);
}

/** Hands a drawing to the browser to keep, as SVG or DXF in millimetres; what writes DXF is fetched when it is asked for. */
export async function saveDrawing(
  kind: 'svg' | 'dxf',
  drawing: PlacedDrawing,
  legend: readonly string[],
  name: string,
): Promise<void> {
  if (kind === 'svg') return give(`${safe(name)}.svg`, svgFile(drawing, legend), 'image/svg+xml');
  const { dxfFile } = await import('@/core/drawing/dxf');
  give(`${safe(name)}.dxf`, dxfFile(drawing, legend), 'image/vnd.dxf');
}
