import type { ViewerAnswer, ViewerRequest } from './viewer.protocol';

const start = (): Worker => new Worker(new URL('./viewer.worker.ts', import.meta.url), { type: 'module' });

/** A worker begun before it is needed: its code is loaded while a file is still being read. */
let spare: Worker | null = null;

/** Begins a worker for the next picture. */
export function readyViewer(): void {
  if (spare !== null) return;
  spare = start();
  spare.postMessage({ kind: 'wake' } satisfies ViewerRequest);
}

type Told = Exclude<ViewerRequest, { kind: 'canvas' | 'wake' }>;

/** The picture of a part, drawn in a worker of its own: the page's own thread never waits for the graphics engine. */
export class ViewerClient {
  private readonly worker: Worker;

  /** @param canvas is given away */
  constructor(canvas: HTMLCanvasElement, hear: (answer: ViewerAnswer) => void) {
    const offscreen = canvas.transferControlToOffscreen();
    this.worker = spare ?? start();
    spare = null;
    this.worker.onmessage = ({ data }: MessageEvent<ViewerAnswer>) => hear(data);
    this.worker.onerror = (event) => hear({ kind: 'lacking', message: event.message || 'the worker failed' });
    this.worker.postMessage(
      { kind: 'canvas', canvas: offscreen, ratio: window.devicePixelRatio } satisfies ViewerRequest,
      [offscreen],
    );
  }

  tell(request: Told): void {
    this.worker.postMessage(request);
  }

  close(): void {
    this.worker.terminate();
  }
}
