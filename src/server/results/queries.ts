import type { Standing } from '@/core/decision';
import { change, rows, type Bound, type Runner } from '../db';

/** A study whose listed figures are not those of its present version, rates and core. */
export async function selectStaleStudies(
  on: Runner,
  core: string,
  most: number,
): Promise<{ id: string; facts: string }[]> {
  return rows(
    on,
    `SELECT s.id, u.facts
       FROM studies s
       JOIN study_facts u ON u.study_id = s.id
       LEFT JOIN study_results r ON r.study_id = s.id
      WHERE r.study_id IS NULL OR r.version <> s.version OR r.facts <> u.facts OR r.core_version <> ?
      ORDER BY s.archived_at IS NOT NULL, s.changed_at DESC
      LIMIT ${Math.floor(most)}`,
    [core],
  );
}

export async function putStudyResult(
  on: Runner,
  r: {
    studyId: string;
    version: number;
    rateSetId: string;
    rateVersion: number;
    facts: string;
    core: string;
    quantity: number | null;
    leader: string | null;
  },
): Promise<void> {
  await change(
    on,
    `INSERT INTO study_results (study_id, version, rate_set_id, rate_version, facts, core_version, quantity, leader)
     VALUES (?, ?, ?, ?, ?, ?, ?, ?)
     ON DUPLICATE KEY UPDATE version = VALUES(version), rate_set_id = VALUES(rate_set_id),
       rate_version = VALUES(rate_version), facts = VALUES(facts), core_version = VALUES(core_version),
       quantity = VALUES(quantity), leader = VALUES(leader)`,
    [r.studyId, r.version, r.rateSetId, r.rateVersion, r.facts, r.core, r.quantity, r.leader],
  );
}

/** Signed decisions whose kept standing is not of the rates and the core as they are. */
export async function selectStaleStandings(
  on: Runner,
  core: string,
  most: number,
): Promise<{ id: string; study_id: string; facts: string }[]> {
  return rows(
    on,
    `SELECT d.id, d.study_id, u.facts
       FROM decisions d
       JOIN studies s ON s.id = d.study_id
       JOIN study_facts u ON u.study_id = s.id
       LEFT JOIN decision_standings g ON g.decision_id = d.id
      WHERE d.reopened_at IS NULL AND s.archived_at IS NULL
        AND (g.decision_id IS NULL OR g.facts <> u.facts OR g.core_version <> ?)
      ORDER BY d.created_at DESC
      LIMIT ${Math.floor(most)}`,
    [core],
  );
}

export async function putStanding(
  on: Runner,
  g: {
    decisionId: string;
    rateSetId: string;
    rateVersion: number;
    facts: string;
    core: string;
    standing: Standing & { plan: boolean };
  },
): Promise<void> {
  await change(
    on,
    `INSERT INTO decision_standings (decision_id, rate_set_id, rate_version, facts, core_version, state, standing)
     VALUES (?, ?, ?, ?, ?, ?, ?)
     ON DUPLICATE KEY UPDATE rate_set_id = VALUES(rate_set_id), rate_version = VALUES(rate_version),
       facts = VALUES(facts), core_version = VALUES(core_version), state = VALUES(state), standing = VALUES(standing)`,
    [g.decisionId, g.rateSetId, g.rateVersion, g.facts, g.core, g.standing.state, JSON.stringify(g.standing)],
  );
}

/** A kept standing with what the list tells of its decision. */
export interface KeptStandingRow {
  readonly decision_id: string;
  readonly study_id: string;
  readonly title: string;
  readonly lane_id: string;
  readonly quantity: number;
  readonly signed_by: string;
  readonly signed_on: string;
  readonly rates_id: string;
  readonly rates_name: string;
  readonly standing: string | object;
  readonly fresh: number;
}

const KEPT = `
     SELECT g.decision_id, d.study_id, s.title, d.lane_id, d.quantity, d.signed_by, d.signed_on,
            k.id AS rates_id, k.name AS rates_name, g.standing,
            (g.facts = u.facts AND g.core_version = ?) AS fresh
       FROM decision_standings g
       JOIN decisions d ON d.id = g.decision_id AND d.reopened_at IS NULL
       JOIN studies s ON s.id = d.study_id AND s.archived_at IS NULL
       JOIN study_facts u ON u.study_id = s.id
       JOIN rate_sets k ON k.id = s.rate_set_id`;

/** What a study is judged by at present, as the text results are kept under; undefined where there is no such study. */
export async function selectFacts(on: Runner, studyId: string): Promise<string | undefined> {
  return (await rows<{ facts: string }>(on, 'SELECT facts FROM study_facts WHERE study_id = ?', [studyId]))[0]?.facts;
}

/** Kept standings, the fallen ones first, the latest first among equals. */
export async function selectKeptStandings(on: Runner, core: string, most: number): Promise<KeptStandingRow[]> {
  return rows<KeptStandingRow>(
    on,
    `${KEPT}
      ORDER BY FIELD(g.state, 'overturned', 'weaker', 'stands'), d.created_at DESC
      LIMIT ${Math.floor(most)}`,
    [core],
  );
}

/** The kept standing of one decision. */
export async function selectKeptStanding(
  on: Runner,
  core: string,
  decisionId: string,
): Promise<KeptStandingRow | undefined> {
  return (await rows<KeptStandingRow>(on, `${KEPT} WHERE g.decision_id = ?`, [core, decisionId]))[0];
}

/** How many signed decisions there are of each state, those not looked at yet under null. */
export async function countStandings(on: Runner): Promise<{ state: string | null; n: number }[]> {
  const values: Bound[] = [];
  return rows(
    on,
    `SELECT g.state, COUNT(*) AS n
       FROM decisions d
       JOIN studies s ON s.id = d.study_id AND s.archived_at IS NULL
       LEFT JOIN decision_standings g ON g.decision_id = d.id
      WHERE d.reopened_at IS NULL
      GROUP BY g.state`,
    values,
  );
}

/** What was listed of a study before edition 2, and what was signed of it by an earlier core. */
export interface BeforeRow {
  readonly study_id: string;
  readonly title: string;
  readonly core_version: string;
  readonly quantity: number | null;
  readonly leader: string | null;
}

/** Studies that were worked out before edition 2, not archived, the latest changed first. */
export async function selectBefore(on: Runner, most: number): Promise<BeforeRow[]> {
  return rows<BeforeRow>(
    on,
    `SELECT b.study_id, s.title, b.core_version, b.quantity, b.leader
       FROM results_before b
       JOIN studies s ON s.id = b.study_id AND s.archived_at IS NULL
      ORDER BY s.changed_at DESC, s.id
      LIMIT ${Math.floor(most)}`,
  );
}

/** A decision signed by an earlier core, with how it stands now. */
export interface SignedBeforeRow {
  readonly study_id: string;
  readonly lane_id: string;
  readonly signed_by: string;
  readonly signed_on: string;
  readonly core_version: string;
  readonly state: Standing['state'] | null;
  readonly reason: string | null;
}

/** Decisions in force that an earlier core worked out, of some studies. */
export async function selectSignedBefore(on: Runner, studyIds: readonly string[]): Promise<SignedBeforeRow[]> {
  if (studyIds.length === 0) return [];
  return rows<SignedBeforeRow>(
    on,
    `SELECT d.study_id, d.lane_id, d.signed_by, d.signed_on, d.core_version, g.state,
            JSON_VALUE(g.standing, '$.reason') AS reason
       FROM decisions d
       LEFT JOIN decision_standings g ON g.decision_id = d.id
      WHERE d.reopened_at IS NULL AND d.core_version LIKE '1.%'
        AND d.study_id IN (${studyIds.map(() => '?').join(', ')})
      ORDER BY d.created_at DESC`,
    [...studyIds],
  );
}
