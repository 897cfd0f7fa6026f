import { lifetimeQuantity } from '../brief';
import { boardAt } from '../comparison/board';
import { findAlloy } from '../catalogue/alloys';
import { LANES } from '../catalogue/routes';
import { SHIPPED_RATES, rateEntries } from '../rates';
import { prepareStudy } from '../study';
import { checkMesh, readyBody } from '../part-file/geometry';
import { readObj } from '../part-file/readers';
import { StudyWorkings } from '../phased-plans';
import { lanePart, partFacts } from '../part';
import { bracket } from './demo-briefs';

/** A cube of 10 mm, as the text of an OBJ file. */
const CUBE = `
${[0, 1, 2, 3, 4, 5, 6, 7].map((i) => `v ${10 * (i & 1)} ${10 * ((i >> 1) & 1)} ${10 * ((i >> 2) & 1)}`).join('\n')}
f 1 3 4 2
f 5 6 8 7
f 1 2 6 5
f 3 7 8 4
f 1 5 7 3
f 2 4 8 6
`;

/**
 * What examples of the doc comments may name beside the functions of their own file: the bracket that the tests work with,
 * at 500 pieces, in the shipped rates; and a cube of 10 mm.
 */
export function exampleWorld() {
  const brief = bracket();
  const rates = SHIPPED_RATES;
  const study = prepareStudy(brief);
  const q = 500;
  const board = boardAt(study, q, '2027-01-04');
  const entry = study.lanes.find((l) => l.lane.id === board.leader);
  const alloy = findAlloy(brief.alloy);
  if (entry === undefined || alloy === undefined || study.facts === null) throw new Error('the bracket has no leader');
  const lane = board.lanes.find((l) => l.id === board.leader);
  const part = lanePart(study.facts, entry.lane.capability, rates, 'published');
  const obj = new TextEncoder().encode(CUBE);
  const checked = checkMesh(readObj(obj), 'mm');
  const body = readyBody(checked);
  return {
    /** The cube as a file, as it was taken, and ready to be measured. */
    obj,
    checked,
    mesh: checked.mesh,
    body,
    brief,
    rates,
    study,
    q,
    board,
    /** The lane that leads, as the study has it and as the board shows it. */
    entry,
    lane,
    model: entry.model,
    cost: entry.costs[0],
    alloy,
    part,
    facts: study.facts,
    workings: new StudyWorkings(study, q),
    lanes: LANES,
    entries: rateEntries(rates),
    partFacts,
    lifetimeQuantity,
  };
}
