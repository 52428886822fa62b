export * from './verdict';
export * from './rules';
export * from './limits';
export * from './schools';
export * from './rulesVersion';
