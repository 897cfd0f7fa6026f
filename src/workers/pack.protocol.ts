/** A file as it is sent: packed by gzip, with the SHA-256 of what it was, in hexadecimal. */
export interface Packed {
  readonly sha256: string;
  readonly packed: Blob;
}

/** What the worker answers: the packed file, or why it could not be read. */
export type PackAnswer = Packed | { readonly failed: string };
