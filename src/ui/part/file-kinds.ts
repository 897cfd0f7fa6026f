import { FILE_KINDS, MAX_FILE_BYTES, MAX_TRIANGLES } from '@/core/part-file/readers';

/** Endings of the part files that are read, with their dot. */
export const PART_FILE_TYPES: readonly string[] = FILE_KINDS.flatMap(({ endings }) => endings.map((e) => `.${e}`));

const KINDS = FILE_KINDS.map(({ name }) => name);

/** What files are taken, in a sentence. */
export const FILE_HELP = `${KINDS.slice(0, -1).join(', ')} or ${KINDS.at(-1)}, up to ${MAX_FILE_BYTES / 1024 / 1024} MB or ${MAX_TRIANGLES / 1e6} million facets. It is measured in this browser and kept with the study.`;
