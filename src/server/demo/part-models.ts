import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { modelSchema, type Brief } from '@/core/brief';
import { MEASURED_FIELDS, withMeasures } from '@/core/part-file/measured';
import measured from './parts/measured.json';

/** File of each demo part, by its title. */
const FILE_OF: Readonly<Record<string, keyof typeof measured>> = {
  'Pier foot': 'pier-foot',
  'Fork arm with cable passage': 'fork-arm',
  'Filter drawer housing': 'filter-drawer',
  'Tripod hinge lug': 'hinge-lug',
  'Compass gimbal ring': 'gimbal-ring',
  'Tripod hub': 'tripod-hub',
  'Gear head body, sealed': 'gear-head',
  'Hand controller shell': 'controller-shell',
  'Setting-scale knob': 'knob',
};

/** A demo part's own file. */
export interface DemoFile {
  readonly name: string;
  readonly bytes: Uint8Array;
  /** PNG. */
  readonly still: Uint8Array;
}

/** The file of a demo part; undefined for a title that is none. */
export function demoFile(title: string): DemoFile | undefined {
  const id = FILE_OF[title];
  if (id === undefined) return undefined;
  const read = (name: string): Uint8Array => readFileSync(join(process.cwd(), 'src/server/demo/parts', name));
  const { name } = measured[id];
  return { name, bytes: read(name), still: read(`${id}.png`) };
}

/** A demo brief with the geometry that measuring its file gave. @param fileId id the file is kept under */
export function withDemoModel(brief: Brief, fileId: string): Brief {
  const id = FILE_OF[brief.title];
  if (id === undefined) return brief;
  const model = modelSchema.parse({ file: fileId, ...measured[id] });
  return withMeasures(brief, model, MEASURED_FIELDS);
}
