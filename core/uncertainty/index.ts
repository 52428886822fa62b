export * from './instruments';
export * from './sigma';
export * from './normal';
export * from './combine';
export * from './words';
