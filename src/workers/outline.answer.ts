import type { OcctReader } from 'occt-import-js';
import { checkMesh, repairedMesh } from '@/core/part-file/geometry';
import { outlineOf } from '@/core/part-file/outline';
import { fileKind, readMeshFile } from '@/core/part-file/readers';
import type { OutlineAnswer, OutlineRequest } from './outline.protocol';
import { readStep } from './step';

/** Reads a kept part file and draws its outline; never throws. */
export async function answerOutline(
  { id, source, name, unit, draw, repair }: OutlineRequest,
  report: (answer: OutlineAnswer) => void,
  breathe: () => Promise<boolean>,
  kernel: () => Promise<OcctReader>,
  fetched: (source: string) => Promise<Response> = fetch,
): Promise<void> {
  try {
    const response = await fetched(source);
    if (!response.ok) throw new Error(`The server answered ${response.status} when asked for the file.`);
    const bytes = new Uint8Array(await response.arrayBuffer());
    if (!(await breathe())) return;
    const raw =
      fileKind(name, bytes) === 'step'
        ? readStep(await kernel(), name, bytes)
        : readMeshFile(name, bytes, () => undefined);
    if (!(await breathe())) return;
    const judged = checkMesh(raw, raw.unit ?? unit);
    const checked = repair ? (repairedMesh(judged)?.checked ?? judged) : judged;
    if (!(await breathe())) return;
    report({ id, kind: 'found', outline: outlineOf(checked.mesh, draw) });
  } catch (error) {
    report({ id, kind: 'refused', message: error instanceof Error ? error.message : String(error) });
  }
}
