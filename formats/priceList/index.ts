export * from './rows';
export * from './mapping';
export * from './guess';
export * from './read';
export { LIST_KINDS, targetOf, TARGET_NAMES, type ListKind, type ListTargetName } from './targets';
