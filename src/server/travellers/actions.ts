import 'server-only';
import { randomUUID } from 'node:crypto';
import type { Traveller } from '@/core/traveller';
import { isoTime, reading, transaction } from '../db';
import {
  insertTraveller,
  lockStudyOf,
  lockTraveller,
  nextTravellerNumber,
  putTick,
  selectTicks,
  selectTraveller,
  selectTravellers,
} from './queries';

/** What was said of one item of a traveller. */
export interface Tick {
  readonly item: string;
  readonly done: boolean;
  readonly note: string;
  readonly who: string;
  /** When it was said, which may be before it was sent. */
  readonly at: string;
}

/** A traveller as it was issued, and what was ticked on it. */
export interface TravellerRecord {
  readonly id: string;
  readonly studyId: string;
  readonly number: number;
  readonly issuedAt: string;
  readonly issuedBy: string;
  readonly body: Traveller;
  readonly ticks: readonly Tick[];
}

/** A traveller in a list. */
export interface TravellerLine {
  readonly id: string;
  readonly number: number;
  readonly laneId: string;
  readonly good: number;
  readonly startDate: string;
  readonly issuedAt: string;
  readonly issuedBy: string;
  readonly ticks: number;
}

const parsed = (x: unknown): Traveller => (typeof x === 'string' ? (JSON.parse(x) as Traveller) : (x as Traveller));
/** A moment of the database with its thousandths, so that moments compare as they read. */
const moment = (stored: string): string => new Date(isoTime(stored)).toISOString();
/** A moment as the database writes it. */
const stored = (iso: string): string => iso.replace('T', ' ').replace('Z', '');

/** Keeps a traveller as it is issued. @returns its id; null where the study is not there */
export async function issueTraveller(studyId: string, body: Traveller, who: string): Promise<string | null> {
  const id = randomUUID();
  return transaction(async (on) => {
    if (!(await lockStudyOf(on, studyId))) return null;
    await insertTraveller(on, { id, studyId, number: await nextTravellerNumber(on, studyId), body, who });
    return id;
  });
}

/** The travellers of a study, newest first; 200 at most. */
export async function listTravellers(studyId: string): Promise<TravellerLine[]> {
  return reading(async (on) =>
    (await selectTravellers(on, studyId)).map((t) => ({
      ...{ id: t.id, number: t.number, laneId: t.lane_id, good: Number(t.good), startDate: t.start_date },
      ...{ issuedAt: isoTime(t.issued_at), issuedBy: t.issued_by, ticks: Number(t.ticks) },
    })),
  );
}

/** A traveller with its ticks; undefined where there is none. */
export async function getTraveller(id: string): Promise<TravellerRecord | undefined> {
  return reading(async (on) => {
    const t = await selectTraveller(on, id);
    if (t === undefined) return undefined;
    const ticks = await selectTicks(on, id);
    return {
      ...{ id: t.id, studyId: t.study_id, number: t.number, issuedAt: isoTime(t.issued_at), issuedBy: t.issued_by },
      body: parsed(t.body),
      ticks: ticks.map((k) => ({
        item: k.item,
        done: Boolean(k.done),
        note: k.note,
        who: k.who,
        at: moment(k.ticked_at),
      })),
    };
  });
}

/** What became of a batch of ticks: kept, or the first that may not be and why. */
export type TicksKept =
  | { readonly outcome: 'kept'; readonly ticks: readonly Tick[] }
  | { readonly outcome: 'missing' }
  | { readonly outcome: 'refused'; readonly item: string; readonly why: string };

/**
 * Keeps ticks: all of a batch or none. A stop that the method refuses is not ticked, and nothing is poured before every stop is. Of two words
 * on one item the later one said stands, whichever comes first.
 */
export async function keepTicks(id: string, said: readonly Tick[]): Promise<TicksKept> {
  return transaction(async (on): Promise<TicksKept> => {
    const t = await lockTraveller(on, id);
    if (t === undefined) return { outcome: 'missing' };
    const body = parsed(t.body);
    const known = new Set([...body.stops.map((s) => s.id), ...body.steps.map((s) => s.id)]);
    const before = await selectTicks(on, id);
    const state = new Map(before.map((k) => [k.item, { done: Boolean(k.done), at: moment(k.ticked_at) }]));
    for (const { item, done, at } of said) {
      if (!known.has(item)) return { outcome: 'refused', item, why: 'There is no such item on this traveller.' };
      const old = state.get(item);
      if (old === undefined || at >= old.at) state.set(item, { done, at });
    }
    for (const { item, done } of said) {
      if (!done) continue;
      const stop = body.stops.find((s) => s.id === item);
      if (stop?.refused === true)
        return {
          outcome: 'refused',
          item,
          why: `The method refuses this: ${stop.text} Mend it, and issue a new traveller.`,
        };
      const step = body.steps.find((s) => s.id === item);
      const open = body.stops.filter((s) => state.get(s.id)?.done !== true);
      if (step?.phase === 'pour' && open.length > 0)
        return {
          ...{ outcome: 'refused', item },
          why: `Nothing is poured before every stop is ticked: ${open.length} left, the first is “${open[0]?.text ?? ''}”.`,
        };
    }
    for (const { item, done, note, who, at } of said)
      await putTick(on, { travellerId: id, item, done, note, who, at: stored(at) });
    const after = await selectTicks(on, id);
    return {
      outcome: 'kept',
      ticks: after.map((k) => ({
        item: k.item,
        done: Boolean(k.done),
        note: k.note,
        who: k.who,
        at: moment(k.ticked_at),
      })),
    };
  });
}
