'use client';
import { startTransition, useCallback, useEffect, useRef, useState } from 'react';
import type { CoreIssue } from '@/core/errors';
import type { PlaceFound, Vec } from '@/core/geometry';
import { withMeasures } from '@/core/measured';
import type { LengthUnit } from '@/core/mesh-files';
import { PartClient } from '@/workers/part.client';
import type { BodyFound, DrawFound, FileFound, PartAnswer, PartStage } from '@/workers/part.protocol';
import { useStudy } from '../study/study-context';
import { takeOver } from './handoff';
import { keepFile, keepStill } from './keep-file';

/** The body as drawn: facets, lines, and the area of each facet. */
export interface Shown {
  readonly corners: Float32Array;
  readonly creases: Float32Array;
  readonly areas: Float32Array;
}

/** How far a part has come. */
export interface PartState {
  /** What is being done; null when nothing is. */
  readonly busy: { readonly stage: PartStage | 'fetching'; readonly share: number } | null;
  readonly file: FileFound | null;
  readonly shown: Shown | null;
  readonly body: BodyFound | null;
  readonly draw: DrawFound | null;
  readonly place: PlaceFound | null;
  readonly asksUnit: { readonly size: Vec; readonly likely: LengthUnit } | null;
  readonly refused: { readonly name: string; readonly issue: CoreIssue | null; readonly message: string } | null;
  /** What became of keeping the file. */
  readonly kept: 'no' | 'sending' | 'kept' | { readonly failed: string };
}

const NOTHING: PartState = {
  busy: null,
  file: null,
  shown: null,
  body: null,
  draw: null,
  place: null,
  asksUnit: null,
  refused: null,
  kept: 'no',
};

/** The part of a study: its file read, measured and kept in a worker of its own, and what it says written to the brief. */
export function usePart() {
  const { id: studyId, brief, setBrief } = useStudy();
  const [state, setState] = useState<PartState>(NOTHING);
  const latest = useRef(brief);
  useEffect(() => {
    latest.current = brief;
  }, [brief]);
  const client = useRef<PartClient | null>(null);
  const keeping = useRef<{ abort: AbortController; id: Promise<string | null> } | null>(null);
  /** What was asked by hand and is to be written into the brief when its measures come. */
  const write = useRef(false);

  const hear = useCallback(
    (name: string, answer: PartAnswer) => {
      switch (answer.kind) {
        case 'progress':
          return setState((s) => ({ ...s, busy: { stage: answer.stage, share: answer.share } }));
        case 'unit-wanted':
          return setState((s) => ({ ...s, busy: null, asksUnit: { size: answer.size, likely: answer.likely } }));
        case 'shown':
          return setState((s) => ({
            ...s,
            asksUnit: null,
            file: answer.file,
            shown: { corners: answer.corners, creases: answer.creases, areas: answer.areas },
            body: null,
            draw: null,
            place: null,
          }));
        case 'body':
          return startTransition(() => setState((s) => ({ ...s, body: answer.body })));
        case 'drawn': {
          startTransition(() => setState((s) => ({ ...s, busy: null, draw: answer.draw })));
          if (!write.current) return;
          write.current = false;
          const { direction, geometry, resolution_mm } = answer.draw;
          void (async () => {
            const id = (await keeping.current?.id) ?? latest.current.model?.file ?? null;
            if (id === null) return;
            const unit = unitOf.current ?? latest.current.model?.unit ?? 'mm';
            const same = latest.current.model?.file === id ? latest.current.model : null;
            setBrief(
              withMeasures(latest.current, {
                file: id,
                name,
                unit,
                draw: [...direction],
                measured: { ...geometry, box_mm: geometry.box_mm === null ? null : [...geometry.box_mm] },
                resolution_mm: Number(resolution_mm.toPrecision(3)),
                notes: same?.notes ?? {},
              }),
            );
          })();
          return;
        }
        case 'still':
          void keeping.current?.id.then(
            (id) => (id === null ? undefined : keepStill(id, answer.png)),
            () => undefined,
          );
          return;
        case 'picked':
          return setState((s) => ({ ...s, place: answer.place }));
        case 'refused':
          keeping.current?.abort.abort();
          return setState((s) => ({
            ...(s.file === null ? NOTHING : s),
            busy: null,
            asksUnit: null,
            refused: { name, issue: answer.issue, message: answer.message },
          }));
      }
    },
    [setBrief],
  );
  const unitOf = useRef<LengthUnit | null>(null);

  const begin = useCallback(
    (name: string) => {
      client.current?.close();
      const next = new PartClient((answer) => {
        if (answer.kind === 'shown') unitOf.current = answer.file.unit;
        hear(name, answer);
      });
      client.current = next;
      return next;
    },
    [hear],
  );

  /** Reads a file that was dropped or chosen, keeps it, and lets its measures fill the brief. */
  const take = useCallback(
    async (file: File) => {
      keeping.current?.abort.abort();
      setState({ ...NOTHING, busy: { stage: 'reading', share: 0 }, kept: 'sending' });
      const bytes = await file.arrayBuffer();
      write.current = true;
      begin(file.name).open(file.name, bytes, null, null);
      const abort = new AbortController();
      const id = keepFile(file, file.name, abort.signal, () => undefined).then(
        (kept) => {
          setState((s) => ({ ...s, kept: 'kept' }));
          return kept;
        },
        (error: unknown) => {
          if (!abort.signal.aborted)
            setState((s) => ({ ...s, kept: { failed: error instanceof Error ? error.message : String(error) } }));
          return null;
        },
      );
      keeping.current = { abort, id };
    },
    [begin],
  );

  const giveUnit = useCallback((unit: LengthUnit) => {
    setState((s) => ({ ...s, asksUnit: null, busy: { stage: 'checking', share: 0 } }));
    client.current?.unit(unit);
  }, []);

  /** Opens the mould another way; the measures that hang on it are written to the brief. */
  const turn = useCallback((direction: Vec) => {
    write.current = true;
    setState((s) => ({ ...s, busy: { stage: 'undercuts', share: 0 } }));
    client.current?.draw(direction);
  }, []);

  const cancel = useCallback(() => {
    client.current?.close();
    client.current = null;
    keeping.current?.abort.abort();
    keeping.current = null;
    write.current = false;
    setState((s) => ({ ...NOTHING, refused: null, kept: s.kept === 'kept' ? 'kept' : 'no' }));
  }, []);

  useEffect(() => {
    const file = takeOver(studyId);
    if (file !== null) queueMicrotask(() => void take(file));
  }, [studyId, take]);

  const model = brief.model;
  const fileId = model?.file ?? null;
  const opened = useRef<string | null>(null);
  useEffect(() => {
    if (model === null || fileId === null || opened.current === fileId || client.current !== null) return;
    opened.current = fileId;
    let gone = false;
    void (async () => {
      setState({ ...NOTHING, busy: { stage: 'fetching', share: 0 } });
      try {
        const response = await fetch(`/api/part-files/${fileId}`);
        if (!response.ok)
          throw new Error(
            response.status === 404
              ? 'The file of this part is not kept here.'
              : `The server answered ${response.status}.`,
          );
        const bytes = await response.arrayBuffer();
        if (gone) return;
        setState((s) => ({ ...s, kept: 'kept' }));
        begin(model.name).open(model.name, bytes, model.unit, model.draw);
      } catch (error) {
        setState({
          ...NOTHING,
          refused: { name: model.name, issue: null, message: error instanceof Error ? error.message : String(error) },
        });
      }
    })();
    return () => {
      gone = true;
      opened.current = null;
    };
    // The model's other fields change with every draw; the file is what is opened.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [fileId, begin]);
  useEffect(
    () => () => {
      client.current?.close();
      client.current = null;
    },
    [],
  );
  const pick = useCallback((from: Vec, sight: Vec) => client.current?.pick(from, sight), []);
  return { state, take, giveUnit, turn, cancel, pick };
}
