/** Where a study stands: open, or decided for a lane on a date. */
export type DecisionState =
  | { readonly state: 'open' }
  | { readonly state: 'signed'; readonly laneId: string; readonly signedBy: string; readonly signedOn: string }
  | { readonly state: 'reopened'; readonly laneId: string };
