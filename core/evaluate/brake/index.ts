export * from './brake';
export * from './brakeChecks';
