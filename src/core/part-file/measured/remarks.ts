import type { BodyMeasures, Cut, DrawMeasures, Vec } from '../geometry';
import { CORED_FROM_MM, MOST_COUNTED, type MeasuredField } from './geometry';

/** What must be said beside a measured value, as figures: words and units are the reader's. */
export type Remark =
  /** Bodies that lie within another, so that metal is counted twice. */
  | { readonly kind: 'nested'; readonly bodies: number }
  /** A feature thinner than the rest: its wall and place, mm, its share of the surface, and the wall of the rest, mm. */
  | {
      readonly kind: 'thin';
      readonly wall_mm: number;
      readonly at_mm: Vec;
      readonly share: number;
      readonly rest_mm: number;
    }
  /** Hollows that bend all round and are no round hole: the count of holes is one of at least, or not known. */
  | { readonly kind: 'hollows'; readonly hollows: number; readonly atLeast: boolean }
  /** More were counted than a brief takes. */
  | { readonly kind: 'most'; readonly counted: number; readonly most: number }
  /** A search was cut short; what it did not look at is taken for the dearer. */
  | { readonly kind: 'cut'; readonly what: Cut['what']; readonly done: number; readonly of: number };

/** Remarks by field. */
export type Remarks = Partial<Record<MeasuredField, Remark>>;

const digits = (x: number): number => Number(x.toPrecision(3));
const tenths = (x: number): number => Number(x.toFixed(1)) + 0;

/**
 * What a reader of the measured values would not guess from them.
 *
 * @example
 * remarksOf(measures, drawn) // {}
 */
export function remarksOf(
  body: Pick<BodyMeasures, 'walls' | 'rounds' | 'roundsUnread' | 'whole'>,
  draw: {
    readonly undercut: Pick<NonNullable<DrawMeasures['undercut']>, 'slides' | 'cores' | 'closedVoids' | 'cut'> | null;
  },
): Remarks {
  const out: { -readonly [F in MeasuredField]?: Remark } = {};
  if (body.whole.nested > 0) out.volume_cm3 = { kind: 'nested', bodies: body.whole.nested };
  const thin = body.walls?.thin;
  if (body.walls != null && thin != null) {
    const [x, y, z] = thin.centre_mm;
    const at_mm: Vec = [tenths(x), tenths(y), tenths(z)];
    const rest_mm = digits(body.walls.thinnest_mm);
    out.wallMin_mm = { kind: 'thin', wall_mm: digits(thin.wall_mm), at_mm, share: digits(thin.share), rest_mm };
  }
  if (body.roundsUnread > 0)
    out.coredHoles = { kind: 'hollows', hollows: body.roundsUnread, atLeast: body.rounds.some(isCored) };
  const { undercut } = draw;
  if (undercut === null) return out;
  if (undercut.slides > MOST_COUNTED) out.undercuts = { kind: 'most', counted: undercut.slides, most: MOST_COUNTED };
  const cores = undercut.cores + undercut.closedVoids;
  if (cores > MOST_COUNTED) out.passages = { kind: 'most', counted: cores, most: MOST_COUNTED };
  else if (undercut.cut !== null) out.passages = { kind: 'cut', ...undercut.cut };
  return out;
}

/**
 * A search that was cut short, in words.
 *
 * @example
 * cutExplanation({ what: 'draws', done: 40, of: 75 }) // 'draws: 40 of 75'
 */
export const cutExplanation = ({ what, done, of }: Cut): string => `${what}: ${done} of ${of}`;

/** A hole wide enough to be cast. */
export const isCored = (r: BodyMeasures['rounds'][number]): boolean =>
  r.kind === 'hole' && r.diameter_mm > CORED_FROM_MM - 0.05;
