import { assessQuotes } from '../comparison/quotes';
import { lifetimeQuantity } from '../brief';
import { boardAt } from '../comparison/board';
import { findAlloy } from '../catalogue/alloys';
import { LANES } from '../catalogue/routes';
import { SHIPPED_RATES, rateEntries } from '../rates';
import { prepareStudy } from '../study';
import type { Study } from '../study';
import { checkMesh, readyBody } from '../part-file/geometry';
import { readObj } from '../part-file/readers';
import { StudyWorkings } from '../phased-plans';
import { DRAWN, keptOf, keptSimulation } from '../decision';
import { rankingsAt, FIRST_WEIGHTS } from '../comparison/ranking';
import { requirementsOf } from '../comparison/requirements';
import { moneyCase } from '../cost';
import { measureBody, measureDraw } from '../part-file/geometry';
import { measuredGeometry } from '../part-file/measured';
import { frameAlong } from '../part-file/outline';
import { placed } from '../drawing';
import { methodOf } from '../method';
import { methodDrawings } from '../method/drawings';
import { sectionGrid, solidification } from '../solidification';
import { travellerOf } from '../traveller';
import { briefFlips, DrawStore, laneFlips, raceOf, simulationModel } from '../simulation';
import { contextOf } from '../study/workings/context';
import { lanePart, partFacts } from '../part';
import { bracket } from './demo-briefs';
import { bestPlanOf, ORDER, searched } from './demo-plans';
import { refusalOf } from './refusal';

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

/** A square of 10 mm of metal, as bodies of a section. */
const SQUARE = [
  [
    [
      [0, 0],
      [10, 0],
      [10, 10],
      [0, 10],
    ],
  ],
] as const;
const METAL = {
  k: 100,
  rho: 2400,
  cLiquid: 1000,
  cSolid: 1000,
  latent: 400_000,
  solidus: 550,
  liquidus: 600,
  pour: 700,
};
const SAND = { k: 0.6, rho: 1600, c: 1170, temperature: 25, film: 600 };

/** The bracket in a gravity die: its method, section, traveller; and a square that freezes in sand. */
function methodExamples(study: Study) {
  const laneId = 'gravity-die/hand';
  const method = methodOf(study, laneId, 500);
  const part = { outline: null, box_mm: [90, 60, 40], undercuts: 0, gap_mm: 20 } as const;
  const [section] = methodDrawings(method, part);
  if (section === undefined) throw new Error('no section');
  const grid = sectionGrid(SQUARE, 5, 1600);
  return {
    ...{
      method,
      drawnPart: part,
      section,
      sheet: placed(section, (mm) => `${mm} mm`),
      dieLane: study.lanes.find((l) => l.lane.id === laneId),
    },
    traveller: travellerOf(study, { laneId, good: 50, startDate: '2027-01-04' }),
    ...{ square: SQUARE, metal: METAL, sand: SAND, grid, frozen: drained(solidification(grid, METAL, SAND, 20)) },
  };
}

/** A search gone through to its end. */
function drained<T>(steps: Generator<unknown, T, void>): T {
  for (let step = steps.next(); ; step = steps.next()) if (step.done) return step.value;
}

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
  const measures = measureBody(body);
  const drawn = measureDraw(body, [0, 0, 1]);
  const planned = bestPlanOf(brief);
  const simulation = keptSimulation(study, board, ORDER, board.leader ?? '', DRAWN, 200);
  if (planned === null || simulation === null || entry.costs[0] === undefined)
    throw new Error('the bracket has no plan');
  return {
    /** What the cube measures, whole and along its height. */
    measures,
    drawn,
    geometry: measuredGeometry(checked, measures, drawn),
    /** The best plan in two steps, as found and as kept with a brief; and the workings that open it. */
    planned,
    plan: planned.plan,
    kept: keptOf(planned.drawn.choice, planned.plan, planned.single, planned.deliveries),
    planWorkings: new StudyWorkings(planned.study, planned.q, planned.drawn.open, planned.deliveries),
    /** Two hundred simulations of the choice, and what would change it. */
    simulation,
    flips: drained(laneFlips(study, board, board.leader ?? '')),
    /** What of the brief would change it. */
    ofBrief: drained(briefFlips(study, q)),
    /** The race as it is simulated, and where ten draws of it are kept. */
    simulated: simulationModel(new StudyWorkings(study, q), raceOf(board), null),
    store: new DrawStore(1, 'pert', 10),
    /** Plans in two steps of the life of the bracket, the best one, and the best route alone. */
    plans: searched(planned.study, planned.q, planned.deliveries, 1),
    rankings: rankingsAt(study, board, FIRST_WEIGHTS),
    weights: FIRST_WEIGHTS,
    requirements: requirementsOf(brief),
    context: contextOf(study, board.leader ?? '', q),
    money: moneyCase(entry.costs[0], q),
    order: ORDER,
    ...methodExamples(study),
    /** The frame in which the cube is drawn. */
    frame: frameAlong(checked.mesh, [0, 0, 1]),
    drained,
    refusalOf,
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
    /** An alloy of a team's own that is as the bracket's, and a yoke that is bought. */
    ownAlloy: { id: 'own-1', name: 'Ours', version: 1, from: alloy.id, facts: {}, source: '', date: null },
    boughtPart: {
      ...{ id: 'k-1', name: 'yoke', material: alloy.id, form: 'plate', way: 'milled', toothed: false, guessed: [] },
      ...{ stock_mm: [240, 160, 90], finished_kg: 1.9, today_USD: 268, perYear: 320, pieces: 1 },
    },
    /** A quote for a hundred good ones, of which two of a hundred come bad. */
    quote: {
      ...{ id: 'q-1', foundryId: 'f', route: 'gravity-die', variant: 'hand', date: '2027-01-18', validDays: 60 },
      ...{ unit: 'each', currency: 'USD', priceBreaks: [{ from: 1, price: 20 }], minOrder: 0, lotCharge: 0 },
      tooling: { mode: 'separate', first: 5000, replacement: 4000, ownedBy: 'buyer' },
      ...{ alloy: alloy.id, scope: [], exceptions: [], lead: null, capacity: null, incomingBad: 0.02 },
      ...{ decline: null, maxPieces: null, remarks: '' },
    },
    /** The quotes of the bracket: none but one that is for it. */
    assessed: assessedExample(study),
    asked: { need: 100, perYear: 50, lot: 25, alloy: alloy.id, features: [] },
    setting: {
      ...{ asOf: '2027-02-15', currency: 'USD', rates: {} },
      ...{ calendarPerWorkday: 1.4, workdaysPerWeek: 5, workdaysPerMonth: 21 },
    },
    part,
    facts: study.facts,
    workings: new StudyWorkings(study, q),
    lanes: LANES,
    entries: rateEntries(rates),
    partFacts,
    lifetimeQuantity,
  };
}

/** The quotes of a study with one in them. */
function assessedExample(study: Study) {
  const quote = {
    ...{ id: 'q-1', foundryId: 'f', route: 'gravity-die', variant: 'hand', date: '2027-01-18', validDays: 60 },
    ...{ unit: 'each' as const, currency: 'USD', priceBreaks: [{ from: 1, price: 20 }], minOrder: 0, lotCharge: 0 },
    tooling: { mode: 'separate' as const, first: 5000, replacement: 4000, ownedBy: 'buyer' as const },
    ...{ alloy: null, scope: [], exceptions: [], lead: null, capacity: null, incomingBad: 0.02 },
    ...{ decline: null, maxPieces: null, remarks: '' },
  };
  const setting = {
    ...{ asOf: '2027-02-15', currency: 'USD', rates: {} },
    ...{ calendarPerWorkday: 1.4, workdaysPerWeek: 5, workdaysPerMonth: 21 },
  };
  return assessQuotes(study, 500, [{ quote, foundry: 'F', simulated: false, withdrawn: null }], setting);
}
