'use client';
import { useEffect, useState } from 'react';
import type { Brief } from '@/core/brief';
import type { PartOutline } from '@/core/part-file/outline';
import { outlineWorker } from '@/workers/outline.client';
import type { OutlineAnswer } from '@/workers/outline.protocol';

/** Outlines drawn before, by the file and how it was measured: a route that is changed does not read the file again. */
const DRAWN = new Map<string, PartOutline>();
const MOST_KEPT = 8;

/** Where the outline of a part stands: on its way, there, not to be had and why, or never measured. */
export type OutlineState =
  | { readonly state: 'reading' | 'none' }
  | { readonly state: 'there'; readonly outline: PartOutline }
  | { readonly state: 'failed'; readonly why: string };

/** The outline of a measured part, read from its kept file in a worker. */
export function useOutline(model: Brief['model']): OutlineState {
  const key =
    model === null || model.file === 'not kept'
      ? null
      : [model.file, model.unit, model.repaired, model.draw.join()].join(' ');
  const [answer, setAnswer] = useState<{ readonly key: string; readonly of: OutlineState } | null>(null);
  useEffect(() => {
    if (model === null || key === null || DRAWN.has(key)) return;
    const hear = (said: OutlineAnswer): void => {
      if (said.kind === 'refused') return setAnswer({ key, of: { state: 'failed', why: said.message } });
      if (DRAWN.size >= MOST_KEPT) DRAWN.delete([...DRAWN.keys()][0] ?? '');
      DRAWN.set(key, said.outline);
      setAnswer({ key, of: { state: 'there', outline: said.outline } });
    };
    outlineWorker.ask(
      {
        ...{ source: `/api/part-files/${model.file}`, name: model.name, unit: model.unit, draw: model.draw },
        repair: model.repaired !== null,
      },
      hear,
    );
    return () => outlineWorker.stop(hear);
  }, [model, key]);
  if (key === null) return { state: 'none' };
  const known = DRAWN.get(key);
  if (known !== undefined) return { state: 'there', outline: known };
  return answer?.key === key ? answer.of : { state: 'reading' };
}
