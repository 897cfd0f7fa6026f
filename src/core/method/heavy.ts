import { FREEZING_TIME, INTERFACE_TIME } from '../formula-book/solidification';
import type { MethodSubject } from './subject';

/** Heavy places that are timed. */
const MOST = 6;
/** Modulus of a heavy place over its thickness: from a ball’s sixth to a plate’s half; likely where it was not measured. Basis: geometry. */
const BALL = 1 / 6;
const PLATE = 1 / 2;
const LIKELY = 0.35;

/** Modulus of each heavy place: of the measured part, between a ball’s and a plate’s, or of the thickest section where it was not measured. */
export function putHeavy({ facts, sheet }: MethodSubject): void {
  const measured = facts.brief.model?.heavy ?? [];
  const list =
    measured.length > 0
      ? measured.slice(0, MOST)
      : [{ at_mm: null, diameter_mm: sheet.at('section'), modulus_mm: LIKELY * sheet.at('section'), isolated: false }];
  const places = list.map((p) => {
    const [low, high] = [BALL * p.diameter_mm, PLATE * p.diameter_mm];
    return { ...p, low, high, modulus: Math.min(high, Math.max(low, p.modulus_mm)) };
  });
  places.sort((a, b) => b.modulus - a.modulus);
  places.forEach(({ diameter_mm, low, high, modulus, isolated, at_mm }, i) => {
    const id = i === 0 ? 'modulusHeavy' : `modulus${i + 1}`;
    const [from, basis] = measured.length > 0 ? (['measured', null] as const) : (['brief', 'assumed'] as const);
    const words = i === 0 ? 'modulus of the heaviest place' : `modulus of heavy place ${i + 1}`;
    sheet.give(id, 'feeding', words, 'mm', [low, modulus, high], from, basis);
    sheet.heavy.push({ at: i + 1, at_mm, diameter_mm, isolated, figure: `freezeAt${i + 1}`, time_s: NaN });
  });
}

/** When each heavy place freezes, in the order in which they do: by the mould where it decides, by the film where that does. */
export function putHeavyTimes({ sheet }: MethodSubject, by: 'mould' | 'film'): void {
  const metal = { rho: 'rhoLiquid', h: 'film', L: 'latent', c: 'cLiquid', Tp: 'pour', Tf: 'freeze', Td: 'mouldTemp' };
  const timed = sheet.heavy.map((place) => {
    const M = place.at === 1 ? 'modulusHeavy' : `modulus${place.at}`;
    const title = `Freezing time of heavy place ${place.at}`;
    const time_s =
      by === 'mould'
        ? sheet.put(place.figure, 'freezing', FREEZING_TIME, { B: 'B', M, n: 2 }, 'square', title)
        : sheet.put(place.figure, 'freezing', INTERFACE_TIME, { ...metal, M }, 'lumped', title);
    return { ...place, time_s };
  });
  sheet.heavy = timed.toSorted((a, b) => a.time_s - b.time_s);
  const last = sheet.heavy.at(-1);
  if (timed.length < 2 || last === undefined) return;
  const lone = timed.filter((p) => p.isolated && p.at !== last.at && p.time_s > 0.5 * last.time_s);
  sheet.say(
    ...(['freezing-order', 'freezing', lone.length > 0 ? 'look' : 'fits'] as const),
    lone.length > 0
      ? `Place ${last.at} freezes last; ${lone.length === 1 ? 'place' : 'places'} ${lone.map((p) => p.at).join(', ')} ${lone.length === 1 ? 'is' : 'are'} cut off by thinner metal and ${lone.length === 1 ? 'freezes' : 'freeze'} alone.`
      : `Place ${last.at} freezes last.`,
    timed.map((p) => p.figure),
    'A feeder or a chill at each place that freezes alone, or metal padded towards one that is fed.',
  );
}
