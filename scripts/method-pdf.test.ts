import { readFileSync, writeFileSync } from 'node:fs';
import { describe, expect, test } from 'vitest';
import { lifetimeQuantity } from '../src/core/brief';
import { WHO_DECIDES } from '../src/core/catalogue/cautions';
import { methodOf } from '../src/core/method';
import { checkMesh } from '../src/core/part-file/geometry';
import { outlineOf } from '../src/core/part-file/outline';
import { readMeshFile } from '../src/core/part-file/readers';
import { prepareStudy } from '../src/core/study';
import { demoBriefs } from '../src/server/demo/seed';
import { methodPdf } from '../src/server/record/pdf/method';
import { wordsOf } from './pdf-words';

const studyOf = (title: string) => {
  const brief = demoBriefs().find((b) => b.title.startsWith(title));
  if (brief === undefined) throw new Error(title);
  return { study: prepareStudy(brief), q: lifetimeQuantity(brief) ?? 100 };
};
const outline = (name: string) =>
  outlineOf(
    checkMesh(readMeshFile(name, new Uint8Array(readFileSync(`src/server/demo/parts/${name}`))), 'mm').mesh,
    [0, 0, 1],
  );

describe('a method on paper', () => {
  test.each([
    ['Tripod hub', 'gravity-die/hand', 'A4', 'si', 'tripod-hub.stl', /\/MediaBox \[0 0 595\.\d+ 841\.\d+\]/],
    ['Compass', 'flask-investment/rubber-mould', 'LETTER', 'inch', null, /\/MediaBox \[0 0 612 792\]/],
  ] as const)(
    '%s on %s: findings, drawings with their names, every figure',
    async (title, laneId, paper, units, file, box) => {
      const { study, q } = studyOf(title);
      const method = methodOf(study, laneId, q);
      const bytes = await methodPdf(study, {
        ...{ laneId, q, units, paper, madeOn: '2027-01-04' },
        outline: file === null ? null : outline(file),
      });
      const out = process.env['RECORD_OUT'];
      if (out !== undefined) writeFileSync(`${out}/method-${paper}.pdf`, bytes);
      const pdf = Buffer.from(bytes).toString('latin1');
      expect(pdf).toMatch(box);
      expect(pdf).toContain('Archivo');
      const words = (await wordsOf(bytes)).join(' ');
      expect(words).toContain(WHO_DECIDES.slice(0, 40));
      for (const f of method.figures.filter((x) => !/^size\d/.test(x.id)).slice(0, 10))
        expect(words).toContain(f.title);
      for (const name of ['Casting, cut', 'Gate']) expect(words).toContain(name);
      expect(words).not.toContain('NaN');
      expect(/\d mm\b/.test(words)).toBe(units === 'si');
      expect(/\d in\b/.test(words)).toBe(units === 'inch');
    },
  );
});
