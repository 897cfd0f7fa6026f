import type { Vec } from '@/core/part-file/geometry';
import type { LengthUnit } from '@/core/part-file/readers';
import type { PartAnswer, PartRequest } from './part.protocol';

/** Longest a worker may say nothing before it is ended, ms. */
const SILENT_MS = 120_000;

/** Answers beside the work that is under way. */
const ASIDE: readonly PartAnswer['kind'][] = ['picked', 'still', 'packed'];

/**
 * One part in a worker of its own. Answers come as they are found; ending the client ends the worker and all it holds,
 * which is also how a long reading is cancelled.
 */
export class PartClient {
  private readonly worker: Worker;
  private next = 1;
  private latest = 0;
  private timer: ReturnType<typeof setTimeout> | null = null;

  constructor(private readonly report: (answer: PartAnswer) => void) {
    this.worker = new Worker(new URL('./part.worker.ts', import.meta.url), { type: 'module' });
    this.worker.onmessage = ({ data }: MessageEvent<PartAnswer>) => {
      // A place asked for may have had to wait for the file: its answer ends that.
      if (!ASIDE.includes(data.kind) || (data.kind === 'picked' && data.id > this.latest))
        this.watch(data.kind === 'progress' || data.kind === 'shown' || data.kind === 'body');
      if (data.id >= this.latest || ASIDE.includes(data.kind)) this.report(data);
    };
    this.worker.onerror = (event) => this.fail(event.message || 'the worker failed');
  }

  /** Reads, checks and measures a file. */
  open(
    name: string,
    file: Blob,
    { unit, draw, repair }: { readonly unit: LengthUnit | null; readonly draw: Vec | null; readonly repair: boolean },
  ): void {
    this.ask({ id: this.next++, kind: 'open', name, file, unit, draw, repair });
  }

  /** Shows what was measured before. @param source where the file can be fetched once it is wanted */
  restore(
    name: string,
    kept: Blob,
    source: string,
    by: { readonly unit: LengthUnit; readonly draw: Vec; readonly repair: boolean },
  ): void {
    this.ask({ id: this.next++, kind: 'restore', name, kept, source, ...by });
  }

  /** Asks for what was measured, to be kept. */
  pack(): void {
    this.worker.postMessage({ id: this.next++, kind: 'pack' } satisfies PartRequest);
  }

  /** Repairs the surface as was offered, and measures that. */
  repair(): void {
    this.ask({ id: this.next++, kind: 'repair' });
  }

  /** Tells where the facets of the picture go; the port is given away. */
  picture(port: MessagePort): void {
    this.worker.postMessage({ id: this.next++, kind: 'picture', port } satisfies PartRequest, [port]);
  }

  /** Tells the unit that was asked for. */
  unit(unit: LengthUnit): void {
    this.ask({ id: this.next++, kind: 'unit', unit });
  }

  /** Measures along another draw. */
  draw(direction: Vec): void {
    this.ask({ id: this.next++, kind: 'draw', direction });
  }

  /** Asks what a line of sight meets first; from and sight in mm of the part. */
  pick(from: Vec, sight: Vec): void {
    this.worker.postMessage({ id: this.next++, kind: 'pick', from, sight } satisfies PartRequest);
  }

  /** Ends the worker. Nothing of it is heard any more: one that is ended while it starts still reports that it failed. */
  close(): void {
    this.watch(false);
    this.worker.onmessage = null;
    this.worker.onerror = null;
    this.worker.terminate();
  }

  private ask(request: PartRequest): void {
    this.latest = request.id;
    this.watch(true);
    this.worker.postMessage(request);
  }

  private watch(waiting: boolean): void {
    if (this.timer !== null) clearTimeout(this.timer);
    this.timer = waiting
      ? setTimeout(
          () => this.fail(`no word for ${SILENT_MS / 1000} s; the file is too much for this browser`),
          SILENT_MS,
        )
      : null;
  }

  private fail(message: string): void {
    this.close();
    this.report({ id: this.latest, kind: 'refused', issue: null, message });
  }
}
