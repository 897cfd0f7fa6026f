/** Kinds of part file that are read: what people call them, and how their names end. */
export const FILE_KINDS = [
  { kind: 'stl', name: 'STL', endings: ['stl'] },
  { kind: 'obj', name: 'OBJ', endings: ['obj'] },
  { kind: '3mf', name: '3MF', endings: ['3mf'] },
  { kind: 'step', name: 'STEP', endings: ['step', 'stp'] },
] as const;

export type FileKind = (typeof FILE_KINDS)[number]['kind'];
