export * from './checks';
export * from './axleCase';
export * from './verdictWord';
export * from './usedShare';
export * from './binding';
export * from './headline';
export * from './brakeChecks';
export * from './find';
