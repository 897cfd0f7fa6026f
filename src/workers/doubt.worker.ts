import { answerDoubt } from './doubt.answer';
import type { DoubtRequest, DoubtStop } from './doubt.protocol';

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

self.onmessage = ({ data }: MessageEvent<DoubtRequest | DoubtStop>): void => {
  latest = data.id;
  if ('stop' in data) return;
  void turn().then(() => {
    if (latest !== data.id) return;
    return answerDoubt(
      data,
      (answer) => self.postMessage(answer),
      async () => {
        await turn();
        return latest === data.id;
      },
    );
  });
};
