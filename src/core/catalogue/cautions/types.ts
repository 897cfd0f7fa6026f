/** How bad it can be: death in a moment or by sure illness, injury, or harm by dose. */
export type Severity = 'life' | 'injury' | 'health';

/** What can hurt whom where, and the usual precautions. Not a safety procedure. */
export interface Caution {
  readonly id: string;
  readonly title: string;
  readonly severity: Severity;
  readonly applies: {
    readonly routes: readonly string[];
    readonly families: 'all' | readonly string[];
    readonly alloys: 'all' | readonly string[];
    /** Hazards of alloys that bring it on. */
    readonly alloyHazards: readonly string[];
    readonly alloyNote: string;
    /** Steps of the process beside which it stands. */
    readonly steps: readonly string[];
  };
  readonly hurts: { readonly what: string; readonly whom: string };
  readonly precautions: readonly string[];
  readonly ifItHappens: string;
  readonly whoDecides: string;
}
