export * from './fullReport';
