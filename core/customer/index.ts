export * from './customerSheet';
export type { OptionCorner } from './optionCorners';
