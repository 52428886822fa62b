export * from './contradictions';
export * from './briefContradictions';
export * from './hubReport';
