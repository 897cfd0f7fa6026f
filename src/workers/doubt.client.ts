import type { DoubtAnswer, DoubtAsked, DoubtRequest, DoubtStop } from './doubt.protocol';

/** One worker that draws. A newer question ends the one before it; answers of an ended one are not heard. */
export class DoubtClient {
  private worker: Worker | null = null;
  private latest = 0;

  constructor(private readonly hear: (answer: DoubtAnswer) => void) {}

  ask(asked: DoubtAsked): void {
    this.worker ??= this.start();
    this.latest++;
    this.worker.postMessage({ id: this.latest, ...asked } satisfies DoubtRequest);
  }

  /** Ends what is under way. */
  stop(): void {
    this.latest++;
    this.worker?.postMessage({ id: this.latest, stop: true } satisfies DoubtStop);
  }

  close(): void {
    this.worker?.terminate();
    this.worker = null;
  }

  private start(): Worker {
    const worker = new Worker(new URL('./doubt.worker.ts', import.meta.url), { type: 'module' });
    worker.onmessage = ({ data }: MessageEvent<DoubtAnswer>) => {
      if (data.id === this.latest) this.hear(data);
    };
    worker.onerror = (event) => {
      this.worker = null;
      this.hear({ id: this.latest, kind: 'refused', issue: null, message: event.message || 'the worker failed' });
    };
    return worker;
  }
}
