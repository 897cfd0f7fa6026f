/** How bad it can be: death in a moment or by sure illness, injury, or harm by dose. */
export type Severity = 'life' | 'injury' | 'health';

/** What brings a caution on: a need of the brief, sand cores, resin tooling, a coat, a metal, a quench. */
export type CautionCondition =
  | 'needs.xray'
  | 'needs.gasTest'
  | 'needs.pressureTight'
  | 'needs.heatTreated'
  | 'cores'
  | 'tooling'
  | 'passivate'
  | 'titanium'
  | 'quench';

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
    /** On the routes named it applies only where one of these is so; routes that none names are not narrowed. */
    readonly when?: readonly {
      readonly routes: readonly string[];
      readonly anyOf: readonly CautionCondition[];
      readonly why: string;
    }[];
    /** Steps of the process beside which it stands. */
    readonly steps: readonly string[];
  };
  readonly hurts: { readonly what: string; readonly whom: string };
  readonly precautions: readonly string[];
  readonly ifItHappens: string;
  readonly whoDecides: string;
}
