export * from './rows';
export * from './mapping';
export * from './guess';
export * from './read';
export { LIST_KINDS, LIST_TARGETS, targetOf, TARGET_NAMES, type ListKind, type ListTargetName } from './targets';
