/**
 * What every host of the core has (browser, worker and server alike) and the language's own library does not name.
 * Only `tsconfig.core.json` reads this: there the browser's type library is left out.
 */
declare function structuredClone<T>(value: T): T;
declare function atob(base64: string): string;

declare class TextDecoder {
  constructor(label?: string, options?: { fatal?: boolean; ignoreBOM?: boolean });
  decode(bytes?: ArrayBuffer | ArrayBufferView, options?: { stream?: boolean }): string;
}

declare namespace WebAssembly {
  type Imports = Record<string, Record<string, unknown>>;
  type Exports = Record<string, unknown>;
  class Memory {
    constructor(size: { initial: number; maximum?: number });
    readonly buffer: ArrayBuffer;
    grow(pages: number): number;
  }
  class Module {
    constructor(bytes: ArrayBuffer | ArrayBufferView);
  }
  class Instance {
    constructor(module: Module, imports?: Imports);
    readonly exports: Exports;
  }
}
