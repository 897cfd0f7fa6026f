import { whenIdle } from '../when-idle';

const TOUCHES = ['pointermove', 'pointerdown', 'keydown', 'focusin', 'dragenter', 'wheel', 'scroll'] as const;
/** How long what is fetched ahead waits for a free moment, ms. */
const AHEAD_MS = 300;

let touched = false;
let waiting: (() => void)[] | null = null;

function onTouch(): void {
  touched = true;
  for (const name of TOUCHES) removeEventListener(name, onTouch, true);
  const all = waiting ?? [];
  waiting = null;
  for (const run of all) whenIdle(run, AHEAD_MS);
}

/**
 * Runs something once, in a free moment after the page is first touched by pointer or key: what a click may ask for is
 * there before the click. On the server it never runs.
 * @returns what takes it back
 */
export function whenTouched(run: () => void): () => void {
  let left = false;
  const once = (): void => {
    if (!left) run();
  };
  if (typeof window !== 'undefined') {
    if (touched) whenIdle(once, AHEAD_MS);
    else {
      if (waiting === null) {
        waiting = [];
        for (const name of TOUCHES) addEventListener(name, onTouch, { capture: true, passive: true });
      }
      waiting.push(once);
    }
  }
  return () => {
    left = true;
  };
}
