export * from './kinds';
export * from './solid';
export * from './place';
export * from './fenderLip';
export * from './poses';
export * from './nearest';
export * from './refine';
export * from './sweep';
