export type { StanceAssumed } from './assumed';
export { meshOf, STANCE_KINDS, type StanceBody, type StanceKind } from './body';
export { USUAL_FRAME, type ScenePlace } from './frame';
export type { Mesh } from './mesh';
export type { CornerPlaces } from './places';
export * from './scene';
export type { StancePose } from './stand';
