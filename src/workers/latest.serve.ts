/** What a newer request ends. */
interface Numbered {
  readonly id: number;
}

/**
 * Serves only the newest of the requests a worker is sent: `breathe` lets newer ones in between, and tells whether the
 * one at work is still wanted. A message `{ id, stop: true }` ends what is under way and asks for nothing.
 * @param warmUp is gone through before anything is asked, and left at its next breath when something is
 */
export function serveLatest<Request extends Numbered, Answer>(
  answer: (request: Request, report: (answer: Answer) => void, breathe: () => Promise<boolean>) => Promise<void>,
  warmUp?: (breathe: () => Promise<boolean>) => Promise<void>,
): void {
  let latest = 0;
  /** A message to itself: what was sent meanwhile comes first. */
  const { port1, port2 } = new MessageChannel();
  const waiting: (() => void)[] = [];
  port1.onmessage = () => waiting.shift()?.();
  const turn = (): Promise<void> =>
    new Promise((done) => {
      waiting.push(done);
      port2.postMessage(null);
    });
  self.onmessage = ({ data }: MessageEvent<Request | { readonly id: number; readonly stop: true }>): void => {
    latest = data.id;
    if ('stop' in data) return;
    const wanted = async (): Promise<boolean> => {
      await turn();
      return latest === data.id;
    };
    void wanted().then((still) => (still ? answer(data, (told) => self.postMessage(told), wanted) : undefined));
  };
  void warmUp?.(async () => {
    await turn();
    return latest === 0;
  });
}
