'use client';
import { startTransition, useCallback, useEffect, useRef, useState, type RefObject } from 'react';
import type { Vec } from '@/core/part-file/geometry';
import { measuresKey, withMeasures, withoutModel } from '@/core/part-file/measured';
import type { LengthUnit } from '@/core/part-file/readers';
import { PartClient } from '@/workers/part.client';
import type { DrawFound, FileFound, PartAnswer } from '@/workers/part.protocol';
import type { ViewerClient } from '@/workers/viewer.client';
import { useStudy } from '../study/study-context';
import { takeOver } from './handoff';
import { keepFile, keepMeasures, keepStill, keptMeasures } from './keep-file';
import { heard, NO_PART, notHad, stopped, taking, working, type PartState } from './part-state';

/** Answers that change much of the screen: they may wait for a frame. */
const HEAVY = ['body', 'drawn'];

/** Pause after which what was measured is packed to be kept: whoever tries one draw after another is not held up, ms. */
const PACK_AFTER_MS = 1200;

/** A file dropped by hand, on its way to being kept. */
interface Keeping {
  readonly file: File;
  readonly abort: AbortController;
  /** Id it is kept under, null where it could not be; begun when the body is measured. */
  id: Promise<string | null> | null;
}

/**
 * The part of a study: its file read, measured and kept by workers, and what it says written to the brief.
 * @param viewer the picture that bodies are shown in, where there is one
 */
export function usePart(viewer: RefObject<ViewerClient | null>) {
  const { id: studyId, brief, setBrief } = useStudy('id', 'brief', 'setBrief');
  const [state, setState] = useState<PartState>(NO_PART);
  const latest = useRef(brief);
  useEffect(() => {
    latest.current = brief;
  }, [brief]);
  const client = useRef<PartClient | null>(null);
  const keeping = useRef<Keeping | null>(null);
  /** Whether what is measured next was asked for by hand and is to be written into the brief. */
  const write = useRef(false);
  const found = useRef<FileFound | null>(null);
  const packing = useRef<ReturnType<typeof setTimeout> | undefined>(undefined);

  const keep = useCallback((now: Keeping): Promise<string | null> => {
    now.id ??= keepFile(now.file, now.file.name, now.abort.signal).then(
      (id) => {
        setState((s) => ({ ...s, kept: 'kept' }));
        return id;
      },
      (error: unknown) => {
        if (!now.abort.signal.aborted)
          setState((s) => ({ ...s, kept: { failed: error instanceof Error ? error.message : String(error) } }));
        return null;
      },
    );
    return now.id;
  }, []);

  const toBrief = useCallback(
    async (name: string, draw: DrawFound): Promise<void> => {
      const now = keeping.current;
      const file = found.current;
      const id = now === null ? (latest.current.model?.file ?? null) : await keep(now);
      if (file === null || now?.abort.signal.aborted === true) return;
      const { direction, geometry, remarks, resolution_mm, widest_mm, heavy } = draw;
      const same = latest.current.model?.file === id ? latest.current.model : null;
      const model = {
        file: id ?? 'not kept',
        name,
        unit: file.unit,
        draw: [...direction] as [number, number, number],
        measured: {
          ...geometry,
          box_mm: geometry.box_mm === null ? null : ([...geometry.box_mm] as [number, number, number]),
        },
        repaired: file.repaired?.repair ?? null,
        resolution_mm: Number(resolution_mm.toPrecision(3)),
        remarks: { ...remarks },
        widest_mm,
        heavy: heavy.map((h) => ({ ...h, at_mm: [...h.at_mm] as [number, number, number] })),
        notes: same?.notes ?? {},
      };
      const filled = withMeasures(latest.current, model);
      // Without its file a model cannot be measured again: its values stand, as if typed.
      setBrief(id === null ? withoutModel(filled) : filled);
    },
    [keep, setBrief],
  );

  const hear = useCallback(
    (name: string, answer: PartAnswer) => {
      const now = keeping.current;
      if (answer.kind === 'shown') found.current = answer.file;
      // Once the picture stands and the body is measured: packing takes its share of the machine.
      if (now !== null && answer.kind === 'body') void keep(now);
      if (answer.kind === 'refused' && found.current === null) now?.abort.abort();
      if (answer.kind === 'still' && now !== null)
        void keep(now).then(
          (id) => (id === null ? undefined : keepStill(id, answer.png)),
          () => undefined,
        );
      if (answer.kind === 'drawn' && !answer.kept) {
        const measured = client.current;
        clearTimeout(packing.current);
        packing.current = setTimeout(() => measured === client.current && measured?.pack(), PACK_AFTER_MS);
      }
      // Kept or not, the screen says the same: what is not kept is measured again.
      if (answer.kind === 'packed')
        void Promise.resolve(now === null ? (latest.current.model?.file ?? null) : keep(now))
          .then((id) => (id === null ? undefined : keepMeasures(id, answer.key, answer.bytes)))
          .catch(() => undefined);
      if (answer.kind === 'packed') return;
      const report = (): void => setState((s) => heard(s, name, answer));
      if (HEAVY.includes(answer.kind)) startTransition(report);
      else report();
      if (answer.kind === 'drawn' && write.current) {
        write.current = false;
        void toBrief(name, answer.draw);
      }
    },
    [keep, toBrief],
  );

  const begin = useCallback(
    (name: string) => {
      client.current?.close();
      found.current = null;
      const next = new PartClient((answer) => hear(name, answer));
      const port = viewer.current?.port();
      if (port !== undefined) next.picture(port);
      client.current = next;
      return next;
    },
    [hear, viewer],
  );

  /** Reads a file that was dropped or chosen, keeps it, and lets its measures fill the brief. */
  const take = useCallback(
    (file: File) => {
      keeping.current?.abort.abort();
      keeping.current = { file, abort: new AbortController(), id: null };
      setState({ ...taking('reading'), kept: 'sending' });
      write.current = true;
      begin(file.name).open(file.name, file, { unit: null, draw: null, repair: false });
    },
    [begin],
  );

  const giveUnit = useCallback((unit: LengthUnit) => {
    setState((s) => working(s, 'checking'));
    client.current?.unit(unit);
  }, []);

  /** Opens the mould another way; the measures that hang on it are written to the brief. */
  const turn = useCallback((direction: Vec) => {
    write.current = true;
    setState((s) => working(s, 'undercuts'));
    client.current?.draw(direction);
  }, []);

  /** Closes a broken surface as was offered; what is measured then is written to the brief. */
  const repair = useCallback(() => {
    write.current = true;
    setState((s) => working(s, 'checking'));
    client.current?.repair();
  }, []);

  const cancel = useCallback(() => {
    client.current?.close();
    client.current = null;
    keeping.current?.abort.abort();
    keeping.current = null;
    write.current = false;
    setState(stopped);
  }, []);

  useEffect(() => {
    const file = takeOver(studyId);
    if (file !== null) queueMicrotask(() => take(file));
  }, [studyId, take]);

  /** Shows the part as the brief has it: from what was measured before, else from its file, measured again. */
  const reopen = useCallback(
    async (gone: () => boolean): Promise<void> => {
      const { model } = latest.current;
      if (model === null) return;
      setState(taking('fetching'));
      const source = `/api/part-files/${model.file}`;
      try {
        const by = { unit: model.unit, draw: model.draw, repair: model.repaired !== null };
        const before = await keptMeasures(model.file, measuresKey(by));
        if (gone() || keeping.current !== null) return;
        if (before !== null) {
          setState((s) => ({ ...s, kept: 'kept' }));
          begin(model.name).restore(model.name, before, source, by);
          return;
        }
        const response = await fetch(source);
        if (response.status === 404) throw new Error('The file of this part is not kept here.');
        if (!response.ok) throw new Error(`The server answered ${response.status}.`);
        const file = await response.blob();
        // A file dropped meanwhile goes before the one that was kept.
        if (gone() || keeping.current !== null) return;
        setState((s) => ({ ...s, kept: 'kept' }));
        begin(model.name).open(model.name, file, by);
      } catch (error) {
        if (!gone() && keeping.current === null) setState(notHad(model.name, error));
      }
    },
    [begin],
  );
  const fileId = brief.model?.file ?? null;
  const opened = useRef<string | null>(null);
  useEffect(() => {
    if (fileId === null || opened.current === fileId || client.current !== null) return;
    opened.current = fileId;
    let gone = false;
    queueMicrotask(() => void reopen(() => gone));
    return () => {
      gone = true;
      opened.current = null;
    };
  }, [fileId, reopen]);
  useEffect(
    () => () => {
      clearTimeout(packing.current);
      client.current?.close();
      client.current = null;
    },
    [],
  );
  const pick = useCallback((from: Vec, sight: Vec) => client.current?.pick(from, sight), []);
  const again = useCallback(() => void reopen(() => false), [reopen]);
  return { state, take, giveUnit, turn, repair, cancel, pick, again };
}
