export * from './interfaces';
export * from './lines';
