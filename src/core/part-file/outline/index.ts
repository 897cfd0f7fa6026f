/** What of a part is drawn: its frame, sections and silhouettes. */
export { frameAlong, placedIn, type PartFrame } from './frame';
export { outlineOf, placedHeavy, widestAlong, type PartOutline, type PlacedHeavy } from './outline';
export { sectionAt, type SquareTo } from './section';
export { silhouetteAlong } from './silhouette';
export { simplified, twiceArea, type PlanePoint, type Ring } from './simplify';
