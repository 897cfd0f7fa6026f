/** One worker asked again and again: a newer question ends the one before it, whose answers are not heard. */
export class LatestClient<Asked extends object, Answer extends { readonly id: number }> {
  private worker: Worker | null = null;
  private latest = 0;

  /**
   * @param start makes the worker, when it is first asked
   * @param hear hears each answer to the newest question
   * @param failed what is heard where the worker itself fails
   */
  constructor(
    private readonly start: () => Worker,
    private readonly hear: (answer: Answer) => void,
    private readonly failed: (id: number, message: string) => Answer,
  ) {}

  /** Starts the worker before it is asked anything, so that its first answer does not wait for its code. */
  warm(): void {
    this.worker ??= this.begin();
  }

  ask(asked: Asked): void {
    this.worker ??= this.begin();
    this.latest++;
    this.worker.postMessage({ ...asked, id: this.latest });
  }

  /** Ends what is under way. */
  stop(): void {
    this.latest++;
    this.worker?.postMessage({ id: this.latest, stop: true });
  }

  close(): void {
    this.worker?.terminate();
    this.worker = null;
  }

  private begin(): Worker {
    const worker = this.start();
    worker.onmessage = ({ data }: MessageEvent<Answer>) => {
      if (data.id === this.latest) this.hear(data);
    };
    worker.onerror = (event) => {
      this.worker = null;
      this.hear(this.failed(this.latest, event.message || 'the worker failed'));
    };
    return worker;
  }
}
