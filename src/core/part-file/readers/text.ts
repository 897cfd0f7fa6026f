/** Reading figures and words from the bytes of a text file, without making a string of each. */

const SPACE = 32;
const isBlank = (c: number): boolean => c === SPACE || (c >= 9 && c <= 13);
const TEN = Array.from({ length: 23 }, (_, i) => 10 ** i);

/** A place in a text file. */
export class TextScan {
  at = 0;
  constructor(readonly bytes: Uint8Array) {}

  /** Past blanks, line ends with them. Returns whether anything is left. */
  skipBlanks(): boolean {
    const { bytes } = this;
    while (this.at < bytes.length && isBlank(bytes[this.at] ?? 0)) this.at++;
    return this.at < bytes.length;
  }

  /** Past blanks of this line. Returns whether anything is left on it. */
  skipSpaces(): boolean {
    const { bytes } = this;
    for (; this.at < bytes.length; this.at++) {
      const c = bytes[this.at] ?? 0;
      if (c === 10 || c === 13) return false;
      if (!isBlank(c)) return true;
    }
    return false;
  }

  /** To the first byte of the next line. */
  nextLine(): void {
    const end = this.bytes.indexOf(10, this.at);
    this.at = end < 0 ? this.bytes.length : end + 1;
  }

  /** The next word as text, in lower case; empty at the end. */
  word(): string {
    const from = this.at;
    const { bytes } = this;
    while (this.at < bytes.length && !isBlank(bytes[this.at] ?? 0)) this.at++;
    return String.fromCharCode(...bytes.subarray(from, Math.min(this.at, from + 64))).toLowerCase();
  }

  /**
   * The next word as a number, exactly as the language would read it; NaN where it is none, is infinite or is no
   * decimal figure. Digits and exponents of everyday size are read without a string: then mantissa and power of ten
   * are exact, and so is their quotient to the last bit.
   */
  number(): number {
    const { bytes } = this;
    const from = this.at;
    let i = from;
    const negative = bytes[i] === 45;
    if (negative || bytes[i] === 43) i++;
    let mantissa = 0;
    let digits = 0;
    let exponent = 0;
    let point = false;
    for (; i < bytes.length; i++) {
      const c = bytes[i] ?? 0;
      if (c >= 48 && c <= 57) {
        mantissa = mantissa * 10 + (c - 48);
        if (mantissa > 0) digits++;
        else if (digits === 0 && mantissa === 0) digits = 0;
        if (point) exponent--;
      } else if (c === 46 && !point) point = true;
      else break;
    }
    const bare = i - from - (negative || bytes[from] === 43 ? 1 : 0) - (point ? 1 : 0);
    if (bare > 0 && (bytes[i] === 101 || bytes[i] === 69)) {
      let j = i + 1;
      const down = bytes[j] === 45;
      if (down || bytes[j] === 43) j++;
      let e = 0;
      const first = j;
      for (; j < bytes.length && (bytes[j] ?? 0) >= 48 && (bytes[j] ?? 0) <= 57; j++)
        e = Math.min(9999, e * 10 + (bytes[j] ?? 0) - 48);
      if (j > first) {
        exponent += down ? -e : e;
        i = j;
      }
    }
    this.at = i;
    if (i < bytes.length && !isBlank(bytes[i] ?? 0)) return this.slow(from);
    if (bare === 0) return NaN;
    if (digits <= 15 && exponent >= -22 && exponent <= 22) {
      const size = exponent < 0 ? mantissa / (TEN[-exponent] ?? 1) : mantissa * (TEN[exponent] ?? 1);
      return negative ? -size : size;
    }
    return this.slow(from);
  }

  private slow(from: number): number {
    this.at = from;
    const text = this.word();
    return /^[-+]?(\d+\.?\d*|\.\d+)(e[-+]?\d+)?$/.test(text) && Number.isFinite(Number(text)) ? Number(text) : NaN;
  }
}

/** Whether the first bytes are those of a text: no control characters but blanks. */
export function isPlainText(bytes: Uint8Array): boolean {
  const end = Math.min(bytes.length, 4096);
  for (let i = 0; i < end; i++) {
    const c = bytes[i] ?? 0;
    if (c < 9 || (c > 13 && c < 32)) return false;
  }
  return true;
}
