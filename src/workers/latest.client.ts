/**
 * One worker for the whole application, asked again and again: a newer question ends the one before it, whoever asked
 * that. The worker stays when a view is left, so that the next one finds it with its code and its studies at hand.
 */
export class LatestClient<Asked extends object, Answer extends { readonly id: number }> {
  private worker: Worker | null = null;
  private latest = 0;
  private hear: ((answer: Answer) => void) | null = null;

  /**
   * @param start makes the worker, when it is first asked or warmed
   * @param failed what is heard where the worker itself fails
   */
  constructor(
    private readonly start: () => Worker,
    private readonly failed: (id: number, message: string) => Answer,
  ) {}

  /** Starts the worker before it is asked anything, so that its first answer does not wait for its code. */
  warm(): void {
    this.worker ??= this.begin();
  }

  /** @param hear hears each answer to this question, until a newer one is asked */
  ask(asked: Asked, hear: (answer: Answer) => void): void {
    this.worker ??= this.begin();
    this.latest++;
    this.hear = hear;
    this.worker.postMessage({ ...asked, id: this.latest });
  }

  /** Ends what was asked with this listener; what another asked meanwhile goes on. */
  stop(hear: (answer: Answer) => void): void {
    if (this.hear !== hear) return;
    this.latest++;
    this.hear = null;
    this.worker?.postMessage({ id: this.latest, stop: true });
  }

  private begin(): Worker {
    const worker = this.start();
    worker.onmessage = ({ data }: MessageEvent<Answer>) => {
      if (data.id === this.latest) this.hear?.(data);
    };
    worker.onerror = (event) => {
      this.worker = null;
      this.hear?.(this.failed(this.latest, event.message || 'the worker failed'));
    };
    return worker;
  }
}
