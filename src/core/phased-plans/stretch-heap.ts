/** Some switch quantities, of one layout of each lane that deliver in time there, or of any layouts. */
export interface Stretch {
  /** Layouts of the first lane and of the second; null where any may be meant. */
  readonly ways: readonly [mine: number, theirs: number] | null;
  readonly from: number;
  readonly to: number;
  /** Money that no switch of it can be under. */
  readonly bound: number;
}

/** A heap of stretches, the least bound on top. */
export class StretchHeap {
  private readonly items: Stretch[] = [];
  push(s: Stretch): void {
    const { items } = this;
    let i = items.push(s) - 1;
    while (i > 0) {
      const up = (i - 1) >> 1;
      if ((items[up] as Stretch).bound <= s.bound) break;
      items[i] = items[up] as Stretch;
      i = up;
    }
    items[i] = s;
  }
  pop(): Stretch | undefined {
    const { items } = this;
    const top = items[0];
    const last = items.pop();
    if (top === undefined || last === undefined || items.length === 0) return top;
    let i = 0;
    for (;;) {
      let child = 2 * i + 1;
      if (child >= items.length) break;
      if (child + 1 < items.length && (items[child + 1] as Stretch).bound < (items[child] as Stretch).bound) child++;
      if ((items[child] as Stretch).bound >= last.bound) break;
      items[i] = items[child] as Stretch;
      i = child;
    }
    items[i] = last;
    return top;
  }
}
