export * from './instruments';
export * from './sigma';
export * from './normal';
export * from './combine';
export * from './likelihood';
export * from './random';
export * from './drawn';
export * from './takes';
