/** What an operation takes away at one place; lengths mm, areas mm². */
export type Taken =
  /** A skin of the machining allowance, or of a grinder; null for the area not given. */
  | { readonly how: 'faced' | 'ground'; readonly area_mm2: number | null }
  /** A skin of the allowance of a round. */
  | { readonly how: 'turned'; readonly area_mm2: number }
  | { readonly how: 'reamed' | 'bored' | 'tapped' | 'whole'; readonly d_mm: number; readonly depth_mm: number }
  /** A hole from solid, to the core of its thread where it has one. */
  | { readonly how: 'drilled'; readonly d_mm: number; readonly depth_mm: number; readonly threaded: boolean };
