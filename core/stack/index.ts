export * from './piece';
export * from './thickness';
export * from './trial';
export * from './rule';
