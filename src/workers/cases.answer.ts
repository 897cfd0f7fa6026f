import { runVector, type VectorCase, type VectorResult } from '@/core/reference/worked-cases';

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
