import {
  RANKING_METHODS,
  RANKING_WORDS,
  type RankingMethod,
  type LaneScores,
  type Rankings,
  type Weighed,
} from '@/core/comparison/ranking';
import { shortName } from '@/core/catalogue/routes';
import { fixed, weeks, whole } from '../format';

export const WEIGHED_WORDS: Readonly<Record<Weighed, string>> = {
  cost: 'programme cost',
  first: 'days to the first article',
  operations: 'second operations',
  reserve: 'tolerance margin',
  scrap: 'scrap',
  effort: 'effort of the work',
};

/** A score of a lane in its own unit. */
export function scoreWords(o: LaneScores, key: Weighed, currency: string): string {
  switch (key) {
    case 'cost':
      return `${whole(o.cost)} ${currency}`;
    case 'first':
      return `${weeks(o.first)} weeks`;
    case 'operations':
      return `${o.operations} ${o.operations === 1 ? 'operation' : 'operations'}`;
    case 'reserve':
      return `${fixed(100 * o.reserve, 0)} % margin`;
    case 'scrap':
      return `${fixed(100 * o.scrap, 1)} % scrap`;
    case 'effort':
      return `effort ${o.effort} of 5`;
  }
}

/** Why a school puts a lane first, in its own figures. */
export function whyFirst(rankings: Rankings, school: RankingMethod, id: string, currency: string): string {
  const o = rankings.options.find((x) => x.id === id);
  if (o === undefined) return '';
  switch (school) {
    case 'cost':
      return scoreWords(o, 'cost', currency);
    case 'soonest':
      return `first article in ${scoreWords(o, 'first', currency)}`;
    case 'spare':
      return `${scoreWords(o, 'operations', currency)}, ${scoreWords(o, 'reserve', currency)}`;
    case 'regret':
      return `at most ${whole(rankings.maxRegret[id] ?? 0)} ${currency} above the cheapest, at ${rankings.states.map(whole).join(', ')} pieces`;
    case 'weighted':
      return `score ${fixed(rankings.scores[id] ?? 0, 2)} of 1`;
  }
}

/** Whether the ranking methods agree, and where not, who says what. */
export function agreement(rankings: Rankings): string {
  const by = new Map<string, RankingMethod[]>();
  for (const school of RANKING_METHODS)
    for (const id of rankings.first[school]) by.set(id, [...(by.get(id) ?? []), school]);
  const all = [...by].find(([, list]) => list.length === RANKING_METHODS.length);
  if (all !== undefined) return `All five ranking methods put ${shortName(all[0])} first.`;
  const sentences = [...by]
    .sort((a, b) => b[1].length - a[1].length)
    .map(([id, list]) => `${shortName(id)} by ${list.map((s) => RANKING_WORDS[s]).join(', ')}`);
  return `The ranking methods differ: ${sentences.join('; ')}.`;
}

/** The ranking methods in a word. */
export const RANKING_LABELS: Readonly<Record<RankingMethod, string>> = {
  cost: 'cost',
  soonest: 'time',
  spare: 'margin',
  regret: 'regret',
  weighted: 'weights',
};

/** Ranking methods that put a lane first, joined by commas; empty where none does. */
export const bestOn = (rankings: Rankings | null, id: string): string =>
  rankings === null ? '' : RANKING_METHODS.filter((s) => rankings.first[s].includes(id)).join(',');
