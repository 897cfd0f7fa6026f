import type { Page } from '@playwright/test';

/** What was seen while the rail was dragged. */
export interface RailDrag {
  readonly frames: number;
  /** Longest frame, ms. */
  readonly worst: number;
  /** Lanes that led meanwhile. */
  readonly leaders: number;
}

/** Takes the hand of the rail to its right end and all the way back, and counts frames and leaders meanwhile. */
export async function dragRail(page: Page): Promise<RailDrag> {
  const box = await page.locator('#rail').boundingBox();
  const hand = await page.getByTestId('rail-hand').boundingBox();
  if (box === null || hand === null) throw new Error('no rail');
  const y = box.y + 30;
  await page.mouse.move(hand.x, y);
  await page.mouse.down();
  await page.evaluate(`(() => {
    const w = window; w.frames = []; w.leaders = new Set(); w.live = true; let last = performance.now();
    const tick = (now) => { w.frames.push(now - last); last = now;
      w.leaders.add(document.querySelector('[data-leader]')?.dataset.lane); if (w.live) requestAnimationFrame(tick); };
    requestAnimationFrame(tick);
  })()`);
  const steps = 150;
  for (let i = 0; i <= steps; i++) {
    const to =
      i < steps / 3
        ? hand.x + ((box.x + box.width - hand.x) * i) / (steps / 3)
        : box.x + box.width * (1 - (i - steps / 3) / ((2 * steps) / 3));
    await page.mouse.move(to, y);
    await page.waitForTimeout(10);
  }
  await page.mouse.up();
  return page.evaluate(
    `(() => { window.live = false; const f = window.frames.slice(1); return { frames: f.length, worst: Math.max(...f), leaders: window.leaders.size }; })()`,
  );
}
