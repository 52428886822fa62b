export * from './partReports';
export * from './obstacle';
