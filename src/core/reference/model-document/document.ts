import type { Equation, Source, SymbolOf } from '../../equations';
import { namesOf, rateAt, SHIPPED_RATES, type RateSet } from '../../rates';
import { EQUATIONS } from './equations';

/** A symbol of an equation, in the model's document. */
export interface ModelSymbol {
  readonly symbol: string;
  readonly meaning: string;
  readonly unit: string;
  /** Where its values come from; “several” where that hangs on the case. */
  readonly source: Source | 'several';
  /** What is kept under: a brief path, a rate, an alloy or route property; empty for what is worked out. */
  readonly path: string;
  /** What the shipped figures under that path rest on: standard, handbook, rule, assumed. */
  readonly basis: readonly string[];
  /** Figure whose equation explains it; empty for none. */
  readonly opens: string;
}

/** An equation in the model's document: every form of it, with its symbols. */
export interface ModelEquation {
  /** Name it is linked by. */
  readonly anchor: string;
  readonly number: string;
  readonly title: string;
  readonly unit: string;
  readonly forms: readonly string[];
  readonly symbols: readonly ModelSymbol[];
}

/** One subject of the model. */
export interface ModelSubject {
  readonly id: string;
  readonly title: string;
  /** How the model's numbers begin: “Cost model 5.2”. */
  readonly model: string;
  readonly equations: readonly ModelEquation[];
}

/** A figure's name without what tells one of several: “step.mould” and “step.{step}” are both “step”, “lot@new” is “lot”. */
const bare = (figure: string): string => figure.replace(/@.*$/, '').replace(/\.(\{.*|[^.]*)$/, '');

const ANCHORS: ReadonlyMap<string, string> = new Map(
  EQUATIONS.flatMap(({ equations }) => equations.map((e) => [e.figure, e.figure.replace(/\.\{.*$/, '')] as const)),
);
const BARE = new Map(Array.from(ANCHORS, ([figure, anchor]) => [bare(figure), anchor] as const));

/**
 * The anchor of the equation that gives a figure of any lane, lot, step or operation; null for a figure of no equation here.
 *
 * @example
 * anchorOf('no such figure') // null
 */
export function anchorOf(figure: string): string | null {
  const lot = figure.replace(/@.*$/, '');
  const whole = ANCHORS.get(figure) ?? ANCHORS.get(lot);
  if (whole !== undefined) return whole;
  const of = BARE.get(bare(lot));
  // Only equations of one of several are linked by the beginning of a name.
  return of !== undefined && [...ANCHORS.keys()].some((known) => known.startsWith(`${of}.{`)) ? of : null;
}

const NUMBERS: ReadonlyMap<string, string> = new Map(
  EQUATIONS.flatMap(({ model, equations }) =>
    equations.map((e) => [e.figure.replace(/\.\{.*$/, ''), `${model} ${e.number}`] as const),
  ),
);

const BASELINE = /^(machined|stamped|fabricated|baseline)\./;
/** Anchors of the equations of baselines: “machined.piece”, “stamped.piece”. */
const OF_BASELINES = [...NUMBERS.keys()].filter((anchor) => BASELINE.test(anchor));

/**
 * Where the model's document has the equation of a working; null for one that is not among its equations: a rule's, a
 * comparison's, a split part's.
 *
 * @example
 * equationOf({ figure: 'no such figure', equation: '' }) // null
 */
export function equationOf(working: { readonly figure: string; readonly equation: string }): string | null {
  const isOf = (anchor: string): boolean => working.equation.startsWith(NUMBERS.get(anchor) ?? '—');
  const own = anchorOf(working.figure);
  if (own !== null && isOf(own)) return own;
  const name = /^(firstArticle|lastPart|day\.\d+)$/.test(working.figure)
    ? 'day'
    : working.figure.replace(/\.[^.]*$/, '');
  return OF_BASELINES.find((anchor) => anchor.endsWith(`.${name}`) && isOf(anchor)) ?? null;
}

/** What the shipped figures under a rate path rest on, over all lanes and families. */
function basesOf(path: string): string[] {
  const found = new Set<string>();
  const put = (rates: RateSet, at: string): void => {
    const figure = rateAt(rates, at);
    if (figure !== undefined && typeof figure === 'object' && 'basis' in figure) found.add(figure.basis);
  };
  const [first] = namesOf(path);
  const keys =
    first === 'variants'
      ? Object.keys(SHIPPED_RATES.variants)
      : first === 'families'
        ? Object.keys(SHIPPED_RATES.families)
        : [''];
  for (const key of keys) put(SHIPPED_RATES, path.replace('{lane}', key).replace('{family}', key));
  return [...found].sort();
}

const plain = (words: unknown, plainly: string | undefined): string =>
  plainly ?? (typeof words === 'string' ? words : '');

/** The rate set's own unit of a coefficient, where the equation names none. */
function rateUnit(path: string): string {
  const lane = Object.keys(SHIPPED_RATES.variants);
  const family = Object.keys(SHIPPED_RATES.families);
  for (const key of path.includes('{family}') ? family : lane) {
    const figure = rateAt(SHIPPED_RATES, path.replace('{lane}', key).replace('{family}', key));
    if (figure?.unit !== undefined) return figure.unit;
  }
  return '';
}

/** The anchor of what a symbol opens: an equation of the same baseline, of all baselines, or of the lanes. */
function opened(figure: string, by: string): string {
  const [, baseline] = BASELINE.exec(by) ?? [];
  const own = [`${baseline}.${figure}`, `baseline.${figure}`].find((name) => ANCHORS.has(name));
  return (baseline === undefined ? undefined : own) ?? anchorOf(figure) ?? '';
}

/** @param by figure of the equation it is a symbol of */
function symbolOf(name: string, s: SymbolOf<never>, by: string): ModelSymbol {
  const path = plain(s.path, s.plainly?.path);
  const isRate = s.source === 'rate';
  const unit = plain(s.unit, s.plainly?.unit);
  return {
    symbol: name,
    meaning: plain(s.meaning, s.plainly?.meaning),
    unit: unit === '' && isRate ? rateUnit(path) : unit,
    source: typeof s.source === 'function' ? 'several' : s.source,
    path: path.replace('["{lane}"]', '[lane]').replace('{family}', 'family').replace('{alloy}', 'alloy'),
    basis: isRate && !path.includes(' ') ? basesOf(path) : [],
    opens: typeof s.opens === 'string' ? opened(s.opens, by) : '',
  };
}

function modelEquation(e: Pick<Equation<never>, 'figure' | 'number' | 'forms' | 'definition'>): ModelEquation {
  const { definition: d } = e;
  return {
    anchor: ANCHORS.get(e.figure) ?? e.figure,
    number: e.number,
    title: plain(d.title, d.plainly?.title),
    unit: plain(d.unit, d.plainly?.unit),
    forms: e.forms,
    symbols: [
      ...Object.entries(d.lists ?? {}).map(([name, list]) => ({
        symbol: name,
        meaning: `${list.meaning}: ${list.written}`,
        unit: list.unit,
        source: 'computed' as const,
        path: '',
        basis: [],
        opens: '',
      })),
      ...Object.entries(d.symbols).map(([name, s]) => symbolOf(name, s, e.figure)),
    ],
  };
}

/**
 * Every equation of the model with its symbols, units, sources and bases, subject by subject.
 *
 * @example
 * modelDocument().map((s) => s.id) // ['part', 'rules', 'money', 'baselines', 'time', 'parts-list', 'quotes']
 */
export const modelDocument = (): ModelSubject[] =>
  EQUATIONS.map(({ id, subject, model, equations }) => ({
    id,
    title: subject,
    model,
    equations: equations.map((e) => modelEquation(e)),
  }));
