import type { Known, Triple } from '../base/figures';
import type { CapabilityFamily } from '../catalogue/routes';

/** A value of a profile, how it is known, and since when. */
export interface Said<T> {
  readonly v: T;
  readonly basis: Known;
  /** ISO date. */
  readonly date: string;
  readonly note?: string | undefined;
}

/** Total width held as cast, by nominal size; mm. */
export interface SaidWidth {
  readonly totalBase_mm: number;
  readonly upTo_mm: number;
  readonly perMm: number;
  readonly maxNominal_mm?: number | undefined;
}

export type Sides = readonly [number, number, number];

/** Usual, the most with a strain, and the most at all where that is more still. */
export interface Steps<T> {
  readonly usual: T;
  readonly exceptional?: T | undefined;
  readonly most: T;
}

/** What a foundry does on one variant of a route. What is absent comes from the book. */
export interface FoundryLine {
  readonly route: string;
  readonly variant: string;
  /** Pieces of one part a year that it wants. */
  readonly volumePerYear?: Said<{ readonly least: number; readonly most: number }> | undefined;
  readonly mass_kg?: Said<Steps<number> & { readonly least?: number | undefined }> | undefined;
  readonly size_mm?: Said<Steps<Sides>> | undefined;
  readonly wall_mm?:
    | Said<
        Readonly<
          Partial<
            Record<
              CapabilityFamily,
              { readonly usual: number; readonly exceptional: number; readonly least?: number | undefined }
            >
          >
        >
      >
    | undefined;
  readonly sectionMax_mm?: Said<number> | undefined;
  readonly holeMin_mm?: Said<number> | undefined;
  readonly holeTol_mm?: Said<number> | undefined;
  readonly tolCritical?: Said<SaidWidth> | undefined;
  readonly tolOther?: Said<SaidWidth> | undefined;
  readonly acrossPartingAdd_mm?: Said<number> | undefined;
  readonly finish?: Said<{ readonly Ra_um: number }> | undefined;
  /** Ways to free undercuts, and the most of them, where said. */
  readonly undercuts?: Said<{ readonly ways: readonly string[]; readonly most?: number | undefined }> | undefined;
  readonly positions?: Said<{ readonly usual: number; readonly reliable: number }> | undefined;
  /** Moulds, pours or shots a shift. */
  readonly poursPerShift?: Said<number> | undefined;
  readonly scrap?: Said<{ readonly new: number | Triple; readonly settled: number | Triple }> | undefined;
  readonly warmUpPours?: Said<number | Triple> | undefined;
  /** Shots, pours or moulds before the first tool is replaced. */
  readonly toolLife?: Said<number | Triple> | undefined;
  readonly yield?: Said<number | Triple> | undefined;
}

export interface Shifts {
  readonly n: number;
  readonly hours: number;
  readonly daysPerWeek: number;
}

/** What a foundry is said, seen or supposed to be able to do. */
export interface FoundryProfile {
  readonly lines: readonly FoundryLine[];
  readonly alloys?:
    | Said<{
        readonly poured: readonly string[];
        readonly refused: readonly { readonly what: string; readonly why: string }[];
        readonly offeredInstead: readonly { readonly asked: string; readonly offered: string; readonly why: string }[];
      }>
    | undefined;
  readonly machines?:
    | Said<
        readonly {
          readonly kind: string;
          readonly n: number;
          readonly clamp_MN?: number | undefined;
          readonly detail?: string | undefined;
        }[]
      >
    | undefined;
  readonly casters?: Said<number> | undefined;
  readonly shifts?: Said<Shifts> | undefined;
  readonly toolroom?: Said<{ readonly own: boolean; readonly changeDays: number }> | undefined;
  readonly cores?: Said<{ readonly maker: 'house' | 'bought' }> | undefined;
  readonly queue_workingDays?: Said<number | Triple> | undefined;
  readonly leadFirstArticle_d?: Said<Triple> | undefined;
  readonly leadLot_d?: Said<Triple> | undefined;
  readonly inHouse?:
    | Said<{
        readonly heatTreatment: boolean;
        readonly xray: boolean;
        readonly trim: boolean;
        readonly paint: boolean;
        readonly leakTest: boolean;
      }>
    | undefined;
  readonly licences?: Said<readonly string[]> | undefined;
}

/** A foundry with its profile. */
export interface Foundry {
  readonly id: string;
  readonly name: string;
  readonly version: number;
  readonly profile: FoundryProfile;
}
