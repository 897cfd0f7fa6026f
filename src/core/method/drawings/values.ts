import type { Method } from '../types';

/** What a drawing reads of a method: its givens and figures by id. */
export class Values {
  private readonly all: ReadonlyMap<string, number>;

  constructor(readonly method: Method) {
    this.all = new Map([...method.givens, ...method.figures].map((x) => [x.id, x.value]));
  }

  /** A value; what is said where the method has none. */
  at(id: string, otherwise = 0): number {
    const value = this.all.get(id);
    return value !== undefined && Number.isFinite(value) ? value : otherwise;
  }

  has(id: string): boolean {
    return this.all.has(id);
  }

  /** A count of at least one and at most so many. */
  count(id: string, most: number, otherwise = 1): number {
    return Math.max(0, Math.min(most, Math.round(this.at(id, otherwise))));
  }
}
