/** The part itself: what its surface measures, where it is thin, thick, trapped or steep, and how to open the mould. */
export { bestDraws, drawCandidates, type DrawClass, type DrawsFound, type DrawTried } from './best-draw';
export { axisBox, boxAlong, boxAround, smallestBox, type PlacedBox } from './box';
export { buildBvh, type Bvh } from './bvh';
export { checkMesh, closedMesh, isClosed, type CheckedMesh, type MeshCounts, type MeshVerdict } from './check';
export { creaseLines } from './creases';
export { roundFeatures, type RoundFeature } from './cylinders';
export { draftFound, type DraftFound } from './draft';
export {
  meshBestDraw,
  meshBox,
  meshCheck,
  meshDraft,
  meshMass,
  meshSmallestBox,
  meshUndercut,
  projectedArea,
  wallByRay,
  wallBySphere,
  type MeshInputs,
} from './formulas';
export { lightOf, type Light } from './lighter';
export { heavyPlaces, type HeavyPlace } from './heavy-places';
export { junction } from './junction';
export { massProperties, type MassProperties } from './mass';
export { facetNormals, type Mesh, type Vec } from './mesh';
export {
  measureBody,
  measureDraw,
  measureWhole,
  readyBody,
  type BodyMeasures,
  type DrawMeasures,
  type ReadyBody,
  type WallMeasures,
  type WholeMeasures,
} from './measure';
export { repairedMesh } from './repair';
export type { Repair, RepairedMesh } from './repair-types';
export { modulus, type ModulusInputs } from './modulus';
export { DEFAULT_FACETS, fineMesh, type FineMesh } from './sampling';
export { draftOfFine, facetCorners, wallOfFacets } from './paint';
export { partingLine } from './parting';
export { placeSeen, type PlaceFound } from './place';
export { sectionRatio, type SectionRatio } from './section-ratio';
export { shadow, type Shadow } from './silhouette';
export { seenOf, type Seen } from './seen';
export { smoothOf, type Smooth } from './smooth';
export { thinFeature, type ThinFeature } from './thin';
export { slidesByRegion, undercuts } from './undercut';
export { type Release, type UndercutFound, type UndercutRegion } from './undercut-types';
export { direction, frameOf, pointed } from './vector';
export { walledBy, type Probed, type Walled } from './probe';
export { quantile, walls, type WallsFound } from './walls';
export { partOf, UNHURRIED, type Cut, type Work } from './work';
