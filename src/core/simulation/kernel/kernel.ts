import { power } from '../../base/power';
import { KERNEL } from './kernel.data';

/** What the compiled loops of kernel.as export. Addresses are bytes from the start of `memory`. */
export interface Kernel {
  readonly memory: WebAssembly.Memory;
  readonly sums: (tape: number, steps: number, pairs: number) => void;
  readonly pert: (
    out: number,
    list: number,
    from: number,
    fours: number,
    a: number,
    b: number,
    low: number,
    wide: number,
    cubics: number,
    guide: number,
    shift: number,
  ) => number;
}

const PAGE = 65536;
/** The first bytes are the compiler's own. */
export const BASE = 1024;

let made: Kernel | null = null;

/** What the module exports, by name. @throws {TypeError} where it is not the kernel */
function kernelOf({ memory, sums, pert }: Readonly<Record<string, unknown>>): Kernel {
  if (!(memory instanceof WebAssembly.Memory) || typeof sums !== 'function' || typeof pert !== 'function')
    throw new TypeError('not the kernel: npm run kernel');
  return { memory, sums: sums as Kernel['sums'], pert: pert as Kernel['pert'] };
}

/**
 * The compiled loops, with room for so many bytes from BASE on. There is one memory for all: whoever asks writes what is
 * needed there, calls, and reads the result before anybody else can ask.
 * @throws {CompileError} where the machine knows no vector instructions
 * @example
 * kernelWith(64).memory.buffer.byteLength >= 64 // true
 */
export function kernelWith(bytes: number): Kernel {
  made ??= kernelOf(
    new WebAssembly.Instance(new WebAssembly.Module(Uint8Array.from(atob(KERNEL), (c) => c.charCodeAt(0))), {
      env: { power },
    }).exports,
  );
  const pages = Math.ceil((BASE + bytes) / PAGE) - made.memory.buffer.byteLength / PAGE;
  if (pages > 0) made.memory.grow(pages);
  return made;
}
