import { lifetimeQuantity } from '../brief';
import { boardAt } from '../comparison/board';
import { findAlloy } from '../catalogue/alloys';
import { LANES } from '../catalogue/routes';
import { SHIPPED_RATES, rateEntries } from '../rates';
import { prepareStudy } from '../study';
import { StudyWorkings } from '../phased-plans';
import { lanePart, partFacts } from '../part';
import { bracket } from './demo-briefs';

/**
 * What examples of the doc comments may name beside the functions of their own file: the bracket that the tests work with,
 * at 500 pieces, in the shipped rates.
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
  return {
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
