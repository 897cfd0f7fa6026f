import type { ViewerAnswer, ViewerRequest } from './viewer.protocol';

type SceneRequest = Exclude<ViewerRequest, { kind: 'canvas' | 'listen' }>;

/** The picture of a part, drawn in a worker of its own: the page's own thread never waits for the graphics engine. */
export class ViewerClient {
  private readonly worker: Worker;

  /** @param canvas is given away */
  constructor(canvas: HTMLCanvasElement, hear: (answer: ViewerAnswer) => void) {
    const offscreen = canvas.transferControlToOffscreen();
    this.worker = new Worker(new URL('./viewer.worker.ts', import.meta.url), { type: 'module' });
    this.worker.onmessage = ({ data }: MessageEvent<ViewerAnswer>) => hear(data);
    this.worker.onerror = (event) => hear({ kind: 'lacking', message: event.message || 'the worker failed' });
    this.worker.postMessage(
      { kind: 'canvas', canvas: offscreen, ratio: window.devicePixelRatio } satisfies ViewerRequest,
      [offscreen],
    );
  }

  /** A port that takes the bodies to be shown, for the worker that reads them; an earlier one is no longer heard. */
  port(): MessagePort {
    const { port1, port2 } = new MessageChannel();
    this.worker.postMessage({ kind: 'listen', port: port1 } satisfies ViewerRequest, [port1]);
    return port2;
  }

  report(request: SceneRequest): void {
    this.worker.postMessage(request);
  }

  close(): void {
    this.worker.onmessage = null;
    this.worker.onerror = null;
    this.worker.terminate();
  }
}
