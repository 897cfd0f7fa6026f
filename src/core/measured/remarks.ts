import type { BodyMeasures, Cut, DrawMeasures } from '../geometry';
import { CORED_FROM_MM, MOST_COUNTED, type MeasuredField } from './geometry';

/** What must be said beside a measured value, by field. Lengths mm. */
export type Remarks = Partial<Record<MeasuredField, string>>;

const place = (at: readonly number[]): string => at.map((x) => Number(x.toFixed(1))).join(', ');
const percent = (share: number): string => `${Number((100 * share).toPrecision(2))} %`;
const digits = (x: number): number => Number(x.toPrecision(3));

/** What a reader of the measured values would not guess from them. */
export function remarksOf(
  body: Pick<BodyMeasures, 'walls' | 'rounds' | 'roundsUnread' | 'whole'>,
  draw: {
    readonly undercut: Pick<NonNullable<DrawMeasures['undercut']>, 'slides' | 'cores' | 'closedVoids' | 'cut'> | null;
  },
): Remarks {
  const out: Remarks = {};
  if (body.whole.nested > 0)
    out.volume_cm3 = `${body.whole.nested} of its bodies ${body.whole.nested === 1 ? 'lies' : 'lie'} within another, so that metal is counted twice: its volume means nothing`;
  const { walls } = body;
  if (walls?.thin != null) {
    const { wall_mm, centre_mm, share } = walls.thin;
    out.wallMin_mm = `a thin feature of ${percent(share)} of the surface, ${digits(wall_mm)} mm, about ${place(centre_mm)} mm; 99 % of the surface is thicker than ${digits(walls.thinnest_mm)} mm`;
  }
  if (body.roundsUnread > 0)
    out.coredHoles = `${body.rounds.some(isCored) ? 'at least: ' : 'not known: '}${body.roundsUnread} ${body.roundsUnread === 1 ? 'hollow that bends' : 'hollows that bend'} all round, as a slot or a thread does, ${body.roundsUnread === 1 ? 'is' : 'are'} not among them`;
  const { undercut } = draw;
  if (undercut === null) return out;
  if (undercut.slides > MOST_COUNTED)
    out.undercuts = `${undercut.slides} were counted; a brief takes ${MOST_COUNTED} at most`;
  const cores = undercut.cores + undercut.closedVoids;
  if (cores > MOST_COUNTED) out.passages = `${cores} were counted; a brief takes ${MOST_COUNTED} at most`;
  else if (undercut.cut !== null) out.passages = `${cutTold(undercut.cut)}; the rest is taken for cores`;
  return out;
}

/** A search that was cut short, in words. */
export const cutTold = ({ what, done, of }: Cut): string => `${what}: ${done} of ${of}`;

/** A hole wide enough to be cast. */
export const isCored = (r: BodyMeasures['rounds'][number]): boolean =>
  r.kind === 'hole' && r.diameter_mm > CORED_FROM_MM - 0.05;
