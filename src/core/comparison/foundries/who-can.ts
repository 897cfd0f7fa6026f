import type { Brief } from '../../brief';
import type { Foundry } from '../../foundries';
import type { TolerancePolicy } from '../../part';
import type { ValueSource } from '../../base/figures';
import { atFoundry, type RateSet } from '../../rates';
import { gravity, type Status } from '../../screening';
import { prepareStudy } from '../../study';
import { boardAt } from '../board';

/** One thing that speaks against a foundry, and the nearest mend. */
export interface Objection {
  readonly rule: string;
  readonly status: Status;
  readonly reason: string;
  /** What the part has and what the foundry takes, where both are figures. */
  readonly value: number | string | null;
  readonly limit: number | string | null;
  readonly unit: string;
  readonly mend: string | null;
  /** Whose limit it is; null for the book's. */
  readonly source: ValueSource | null;
}

/** A foundry on one of the routes it runs, for one part. */
export interface Candidate {
  readonly foundryId: string;
  readonly foundry: string;
  readonly laneId: string;
  readonly status: Status;
  /** All in a part, of the study's currency; null where it cannot be costed. */
  readonly allIn: number | null;
  readonly tooling: number | null;
  /** Days from the order, by the model. */
  readonly firstArticle_d: number | null;
  readonly lastPart_d: number | null;
  /** Days to the first article as the foundry says it: low, likely, high; null where it does not say. */
  readonly saidFirstArticle_d: readonly [number, number, number] | null;
  /** A lot, as the foundry says; days, null where it says nothing. */
  readonly saidLot_d: readonly [number, number, number] | null;
  /** What rules it out, gravest first. */
  readonly noes: readonly Objection[];
  /** What has to be asked or strained. */
  readonly asks: readonly Objection[];
}

/** All foundries on all their routes, those that can first, each of them by cost; and lanes that nobody runs. */
export interface WhoCan {
  readonly q: number;
  readonly candidates: readonly Candidate[];
  readonly foundries: number;
}

/**
 * Who can make a part: every foundry on every route it runs, at q pieces, with what it costs and when it comes, or each
 * reason against it and the nearest mend.
 *
 * @param rates at no foundry
 * @param foundries those that are asked
 * @param q pieces in all, at least 1
 * @param orderDate ISO date of the order; null leaves holidays out
 * @returns candidates: those that can by cost, then those that cannot by how little stands against them
 * @example
 * whoCan(brief, 'published', rates, [], 500, null).candidates // []
 */
export function whoCan(
  brief: Brief,
  school: TolerancePolicy,
  rates: RateSet,
  foundries: readonly Foundry[],
  q: number,
  orderDate: string | null,
): WhoCan {
  const candidates = foundries.flatMap((foundry) => {
    const at = atFoundry(rates, foundry);
    const run = new Set(foundry.profile.lines.map((line) => `${line.route}/${line.variant}`));
    const lanes = at.lanes?.filter((lane) => run.has(lane.id)) ?? [];
    if (lanes.length === 0) return [];
    const board = boardAt(prepareStudy(brief, school, at, { lanes }), q, orderDate);
    return board.lanes.map((lane): Candidate => {
      const objections = lane.findings
        .filter((f) => f.status !== 'fits' && f.status !== 'second-operation')
        .sort((a, b) => gravity(b.status) - gravity(a.status))
        .map((f): Objection => ({
          rule: f.rule,
          status: f.status,
          reason: f.subject === '' ? f.reason : `${f.subject}: ${f.reason}`,
          value: f.value,
          limit: f.limit,
          unit: f.unit,
          mend: f.fixes[0] ?? null,
          source: f.source ?? null,
        }));
      return {
        foundryId: foundry.id,
        foundry: foundry.name,
        laneId: lane.id,
        status: lane.status,
        allIn: lane.money?.allIn ?? null,
        tooling: lane.money?.tooling ?? null,
        firstArticle_d: lane.dates?.firstArticle_d ?? null,
        lastPart_d: lane.dates?.lastPart_d ?? null,
        saidFirstArticle_d: foundry.profile.leadFirstArticle_d?.v ?? null,
        saidLot_d: foundry.profile.leadLot_d?.v ?? null,
        noes: objections.filter((o) => o.status === 'blocked'),
        asks: objections.filter((o) => o.status !== 'blocked'),
      };
    });
  });
  const can = (c: Candidate): number => (c.noes.length === 0 && c.allIn !== null ? 0 : 1);
  return {
    q,
    foundries: foundries.length,
    candidates: candidates.sort(
      (a, b) =>
        can(a) - can(b) ||
        (can(a) === 0 ? (a.allIn ?? 0) - (b.allIn ?? 0) : a.noes.length - b.noes.length) ||
        a.foundry.localeCompare(b.foundry) ||
        a.laneId.localeCompare(b.laneId),
    ),
  };
}
