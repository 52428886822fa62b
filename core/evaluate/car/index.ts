export * from './case';
export * from './axleMatch';
export * from './speedometer';
export * from './spareReport';
export * from './spare';
export * from './sensors';
export * from './boltLengths';
