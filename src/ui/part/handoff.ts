/** A file dropped on another view of a study, on its way to the part's own view. */
let waiting: { readonly studyId: string; readonly file: File } | null = null;

/** Lays a file down for the part's view of a study. */
export function handOver(studyId: string, file: File): void {
  waiting = { studyId, file };
}

/** Takes the file laid down for a study, once. */
export function takeOver(studyId: string): File | null {
  if (waiting?.studyId !== studyId) return null;
  const { file } = waiting;
  waiting = null;
  return file;
}
