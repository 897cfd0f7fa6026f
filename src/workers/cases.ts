import { runVector, type VectorCase, type VectorResult } from '@/core/formulas';

/** Worked cases to run, and the part files they name by path. */
export interface CasesRequest {
  readonly cases: readonly VectorCase[];
  readonly files: ReadonlyMap<string, Uint8Array>;
}

/** Results in the order of the cases. A file that is not at hand fails its case by name. */
export function answerCases({ cases, files }: CasesRequest): VectorResult[] {
  return cases.map((c) =>
    runVector(c, (path) => {
      const bytes = files.get(path);
      if (bytes === undefined) throw new Error(`${path} is not at hand`);
      return bytes;
    }),
  );
}

/** Runs worked cases in a worker of their own, which ends with them; `stop` ends it sooner. */
export function runCases(request: CasesRequest): { readonly done: Promise<VectorResult[]>; readonly stop: () => void } {
  const worker = new Worker(new URL('./cases.worker.ts', import.meta.url), { type: 'module' });
  const done = new Promise<VectorResult[]>((resolve, reject) => {
    worker.onmessage = ({ data }: MessageEvent<VectorResult[]>) => {
      worker.terminate();
      resolve(data);
    };
    worker.onerror = (event) => reject(new Error(event.message || 'the worker failed'));
    worker.postMessage(request);
  });
  return { done, stop: () => worker.terminate() };
}
