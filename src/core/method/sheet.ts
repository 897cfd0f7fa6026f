import type { Basis, Triple } from '../base/figures';
import { runOf, type Source, type Working } from '../equations';
import type { Formula, Said } from '../formula-book';
import type {
  GivenFrom,
  MethodFigure,
  MethodFinding,
  MethodGiven,
  MethodGroup,
  MethodHeavy,
  MethodPlace,
  MethodSize,
  OwnValues,
} from './types';

/** How the source of a given is told in a working. */
const SOURCES: Readonly<Record<GivenFrom, Source>> = {
  brief: 'brief',
  measured: 'brief',
  alloy: 'alloy',
  route: 'route',
  layout: 'computed',
  handbook: 'choice',
  own: 'choice',
};

/** Gathers the values and figures of a method: each figure is made of givens and of figures before it. */
export class MethodSheet {
  readonly givens = new Map<string, MethodGiven>();
  readonly figures = new Map<string, MethodFigure>();
  readonly findings: MethodFinding[] = [];
  readonly sizes: MethodSize[] = [];
  places: readonly MethodPlace[] = [];
  heavy: MethodHeavy[] = [];

  constructor(private readonly own: OwnValues) {}

  /** A value that goes in: typed over by the study where it has its own. */
  give(
    id: string,
    group: MethodGroup,
    meaning: string,
    unit: string,
    usual: number | Triple,
    from: GivenFrom,
    basis: Basis | null = null,
  ): number {
    const likely = typeof usual === 'number' ? usual : usual[1];
    const mine = this.own[id];
    const value = mine ?? likely;
    this.givens.set(id, {
      ...{ id, group, meaning, unit, value, usual: likely, basis, choices: null },
      range: typeof usual === 'number' ? null : [usual[0], usual[2]],
      from: mine === undefined ? from : 'own',
    });
    return value;
  }

  /** A choice of a few, kept as a number. */
  choose(
    id: string,
    group: MethodGroup,
    meaning: string,
    choices: readonly (readonly [number, string])[],
    usual: number,
    from: GivenFrom,
  ): number {
    const mine = this.own[id];
    const known = mine !== undefined && choices.some(([value]) => value === mine);
    this.givens.set(id, {
      ...{ id, group, meaning, unit: '1', value: known ? mine : usual, usual, range: null, basis: null, choices },
      from: known ? 'own' : from,
    });
    return this.at(id);
  }

  /** What a given or a figure comes to. */
  at(id: string): number {
    return this.givens.get(id)?.value ?? this.figures.get(id)?.value ?? NaN;
  }

  has(id: string): boolean {
    return this.givens.has(id) || this.figures.has(id);
  }

  /** A figure by a formula of the book: its symbols are givens, figures before it, or plain numbers. */
  put<S extends string>(
    id: string,
    group: MethodGroup,
    formula: Formula<S>,
    of: Readonly<Record<NoInfer<S>, string | number>>,
    form?: string,
    title?: string,
  ): number {
    const entries = Object.entries<string | number>(of) as [S, string | number][];
    const v = Object.fromEntries(entries.map(([s, x]) => [s, typeof x === 'number' ? x : this.at(x)])) as Record<
      S,
      number
    >;
    const said = Object.fromEntries(
      entries.flatMap(([s, x]) => (typeof x === 'number' ? [] : [[s, this.said(x)]])),
    ) as Partial<Record<S, Said>>;
    const working = formula.working({ v, form, said });
    return this.keep(id, group, { ...working, figure: id, title: title ?? working.title });
  }

  /** A figure by a sum of its own: the names in it are givens and figures before it. */
  work(id: string, group: MethodGroup, title: string, unit: string, expression: string): number {
    const names = [...new Set(expression.match(/[A-Za-z_]\w*/g) ?? [])].filter((name) => this.has(name));
    const value = runOf(expression)(Object.fromEntries(names.map((name) => [name, this.at(name)])));
    return this.keep(id, group, {
      ...{ figure: id, title, equation: 'Method', expression, value, unit, note: null },
      symbols: names.map((name) => this.symbolOf(name)),
    });
  }

  /** A figure that is looked for, or read from a table: its working tells how in words. */
  found(
    id: string,
    group: MethodGroup,
    title: string,
    unit: string,
    value: number,
    how: string,
    of: readonly string[],
  ): number {
    return this.keep(id, group, {
      ...{ figure: id, title, equation: how, expression: 'found', value, unit, note: null },
      symbols: [
        {
          ...{ symbol: 'found', meaning: how, value, unit, source: 'computed' as const, basis: null },
          ...{ range: null, path: null, opens: null, opensLane: null, note: null },
        },
        ...of.filter((name) => this.has(name)).map((name) => this.symbolOf(name)),
      ],
    });
  }

  private symbolOf(name: string): Working['symbols'][number] {
    const given = this.givens.get(name);
    const figure = this.figures.get(name);
    const { source, opens, note } = this.said(name);
    return {
      symbol: name,
      meaning: given?.meaning ?? figure?.title ?? name,
      value: this.at(name),
      unit: given?.unit ?? figure?.unit ?? '',
      ...{ source: source ?? 'choice', opens: opens ?? null, note: note ?? null },
      ...{ basis: given?.basis ?? null, range: given?.range ?? null, path: null, opensLane: null },
    };
  }

  private said(id: string): Said {
    const given = this.givens.get(id);
    if (given === undefined) return { source: 'computed', opens: id };
    const { from, basis, range } = given;
    const words = [
      from === 'own'
        ? 'typed for this study'
        : from === 'measured'
          ? 'of the measured part'
          : from === 'layout'
            ? 'of the layout that costs least'
            : '',
      basis === null || basis === from ? '' : basis,
      range === null || from === 'own' ? '' : `${range[0]} to ${range[1]}`,
    ];
    return { source: SOURCES[from], note: words.filter(Boolean).join(', ') || null };
  }

  private keep(id: string, group: MethodGroup, working: Working): number {
    this.figures.set(id, { id, group, title: working.title, unit: working.unit, value: working.value, working });
    return working.value;
  }

  /** Says what figures come to. */
  say(
    id: string,
    group: MethodGroup,
    level: MethodFinding['level'],
    text: string,
    figures: readonly string[] = [],
    fix = '',
  ): void {
    this.findings.push({ id, group, level, text, fix: level === 'fits' ? '' : fix, figures });
  }
}
