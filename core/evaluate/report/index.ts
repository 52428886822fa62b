export * from './report';
export * from './axleReport';
export * from './partReport';
export * from './brakeReport';
export * from './carReport';
export * from './fittingReport';
export * from './contradictionReport';
export * from './sheet';
