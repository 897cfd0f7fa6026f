/** A list of doubles that grows as it is filled, without a boxed number each. */
export class GrowingDoubles {
  private data = new Float64Array(1024);
  length = 0;

  push3(x: number, y: number, z: number): void {
    if (this.length + 3 > this.data.length) this.data = grown(this.data, new Float64Array(this.data.length * 2));
    this.data[this.length++] = x;
    this.data[this.length++] = y;
    this.data[this.length++] = z;
  }

  taken(): Float64Array {
    return this.data.slice(0, this.length);
  }
}

/** A list of indices that grows as it is filled. */
export class GrowingIndices {
  private data = new Uint32Array(1024);
  length = 0;

  push3(a: number, b: number, c: number): void {
    if (this.length + 3 > this.data.length) this.data = grown(this.data, new Uint32Array(this.data.length * 2));
    this.data[this.length++] = a;
    this.data[this.length++] = b;
    this.data[this.length++] = c;
  }

  taken(): Uint32Array {
    return this.data.slice(0, this.length);
  }
}

function grown<T extends Float64Array | Uint32Array>(from: T, to: T): T {
  to.set(from);
  return to;
}
