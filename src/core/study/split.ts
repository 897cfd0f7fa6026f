import { dayOf } from '../schedule';
import { joiningOf, type Baseline } from '../baselines';
import { laneMoney, type ProgrammeCost } from '../cost';
import { computed, type Working } from '../equations';
import type { PartFacts } from '../part';
import type { Brief } from '../brief';
import { likely } from '../base/figures';
import type { RateSet } from '../rates';
import type { Study } from './types';
import { bestLayout, survives } from './study-lane';

/** The brief of the piece that stays cast: less metal and surface, and what the split takes away of its difficulty. */
export function castPiece(brief: Brief): Brief {
  const { geometry: g, split } = brief;
  const left = 1 - (split.share_pct ?? 0) / 100;
  const less = (count: number | null, off: number | null): number | null =>
    count === null ? null : Math.max(0, count - (off ?? 0));
  return {
    ...brief,
    geometry: {
      ...g,
      volume_cm3: g.volume_cm3 === null ? null : g.volume_cm3 * left,
      area_cm2: g.area_cm2 === null ? null : g.area_cm2 * left ** (2 / 3),
      undercuts: less(g.undercuts, split.undercutsOff),
      passages: less(g.passages, split.passagesOff),
    },
    split: { ...split, other: null },
  };
}

/** The brief of the other piece: a plate of the wall given, of the share of metal given, with nothing toleranced. */
export function otherPiece(brief: Brief): Brief {
  const { geometry: g, split } = brief;
  const volume = (g.volume_cm3 ?? 0) * ((split.share_pct ?? 0) / 100);
  const wall = split.wall_mm ?? g.wallMin_mm ?? 1;
  const face_cm2 = volume / (wall / 10);
  const long = Math.max(1, Math.min(g.box_mm?.[0] ?? Infinity, Math.sqrt(face_cm2) * 15));
  const wide = Math.max(1, (face_cm2 * 100) / long);
  return {
    ...brief,
    geometry: {
      ...g,
      volume_cm3: volume,
      area_cm2: 2 * face_cm2 + (2 * (long + wide) * wall) / 100,
      box_mm: [long, wide, wall],
      wallMin_mm: wall,
      sectionMax_mm: wall,
      projected_cm2: face_cm2,
      undercuts: 0,
      passages: 0,
      coredHoles: 0,
      form: 'flat',
    },
    features: [],
    holes: [],
    split: { ...split, other: null },
  };
}

/**
 * The part split in two: the cheapest casting of the one piece at each quantity, the other stamped or machined, and
 * the joining as today's assembly is joined. Null where the brief asks for no split or does not say how much.
 * @param facts of the whole part
 * @param prepare readies a brief at the same rates and tolerance policy
 */
export function splitBaseline(
  brief: Brief,
  facts: PartFacts,
  rates: RateSet,
  prepare: (piece: Brief) => Study,
): Baseline | null {
  const { other: kind, share_pct: share, joints } = brief.split;
  if (kind === null || share === null) return null;
  const cast = prepare(castPiece(brief));
  const other = prepare(otherPiece(brief)).baselines.find((b) => b.id === kind);
  if (other === undefined) return null;
  const g = rates.global;
  const b = rates.baselines.fabricated;
  const fx = rates.currency.perUnit;
  const K = fx * (1 + likely(g.oh)) * (1 + likely(g.mg));
  const join = joiningOf({ joints, parts: 2 }, facts, rates);
  const joined = K * (join.joining + join.hardware + join.stocking);
  const jig = fx * likely(b.jig) * (1 + likely(g.mk));
  const W = likely(rates.calendar.calendarPerWorkday);
  let last: { readonly q: number; readonly cost: ProgrammeCost | null } = { q: NaN, cost: null };
  /** The cheapest casting of the one piece at q. */
  const lead = (q: number): ProgrammeCost | null => {
    if (last.q === q) return last.cost;
    let best: { readonly cost: ProgrammeCost; readonly total: number } | null = null;
    for (const entry of cast.lanes) {
      const found = survives(entry) ? bestLayout(entry, q) : null;
      if (found !== null && (best === null || found.total < best.total)) best = found;
    }
    last = { q, cost: best?.cost ?? null };
    return last.cost;
  };
  const barred = other.barred ?? (cast.lanes.some(survives) ? null : 'No route casts the piece that would be left.');
  const money = (q: number) => {
    const cost = lead(q);
    return cost === null ? null : laneMoney(cost, q);
  };
  const tooling = (q: number): number => (money(q)?.tooling ?? 0) + other.tooling(q) + jig;
  const unit = (q: number): number => (money(q)?.unit ?? 0) + other.unit(q) + joined;
  const total = (q: number): number => (money(q)?.total ?? 0) + other.total(q) + jig + q * joined;
  const castDay = (N: number, programme: number): number => {
    const cost = lead(programme);
    return cost === null ? 0 : dayOf(cast.timeOf(cost.model, cost.plan), N, programme);
  };
  const joiningDays = (N: number): number => (W * N * join.minutes) / 60 / rates.calendar.shift_h;
  const day = (N: number, programme = N): number => Math.max(castDay(N, programme), other.dayOf(N)) + joiningDays(N);
  const name = `Split in two, one piece ${kind}`;
  return {
    id: 'split',
    name,
    barred,
    fix: other.barred === null ? null : other.fix,
    warning: other.warning,
    tooling,
    unit,
    total,
    lines: (q) => ({
      cast: money(q)?.unit ?? 0,
      [kind]: other.unit(q),
      joining: K * join.joining,
      hardware: K * join.hardware,
      stocking: K * join.stocking,
    }),
    dayOf: day,
    working: (figure, q, N) => {
      const code = rates.currency.code;
      const each = `${code}/part`;
      const made = (words: string, expression: string, value: number, unitOf: string, symbols: Working['symbols']) => ({
        figure,
        title: `${name}: ${words}`,
        equation: figure === 'day' ? 'Time model T13' : EQUATION,
        expression,
        value,
        unit: unitOf,
        symbols,
        note: 'The cast piece and the other are calculated as parts of their own.',
      });
      const cost = money(q);
      const jigOf = computed('jig', 'jig for joining', jig, code);
      const joinedOf = computed('joined', 'joining, hardware and keeping the pieces in stock', joined, each);
      const pieces = { ...computed('q', 'pieces in the whole programme', q, 'pieces'), source: 'choice' as const };
      switch (figure) {
        case 'tooling':
          return made('tooling', 'cast + other + jig', tooling(q), code, [
            computed('cast', 'tooling of the cast piece', cost?.tooling ?? 0, code),
            computed('other', `tooling of the piece ${kind}`, other.tooling(q), code),
            jigOf,
          ]);
        case 'unit':
          return made('price of a part', 'cast + other + joined', unit(q), each, [
            computed('cast', 'the cast piece', cost?.unit ?? 0, each),
            computed('other', `the piece ${kind}`, other.unit(q), each),
            joinedOf,
          ]);
        case 'total':
          return made('total', 'cast + other + jig + q * joined', total(q), code, [
            computed('cast', 'the cast pieces', cost?.total ?? 0, code),
            computed('other', `the pieces ${kind}`, other.total(q), code),
            jigOf,
            pieces,
            joinedOf,
          ]);
        case 'allIn':
          return made('total cost per part', 'T / q', total(q) / q, each, [
            computed('T', 'total of the programme', total(q), code, 'total'),
            pieces,
          ]);
        case 'day':
          return made('days to the pieces wanted', 'max(cast, other) + joining', day(N, q), 'days from the order', [
            computed('cast', 'day of the cast pieces', castDay(N, q), 'days'),
            computed('other', `day of the pieces ${kind}`, other.dayOf(N), 'days'),
            computed('joining', 'days of joining', joiningDays(N), 'days'),
          ]);
        default:
          return null;
      }
    },
  };
}

/** Where the split is written down. */
const EQUATION = 'Cost model 8 for the cast piece, 9 for the other, 9.6 for the joining';
