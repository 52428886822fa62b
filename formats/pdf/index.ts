export * from './paper';
export * from './gaugeCard';
