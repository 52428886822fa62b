export * from './verdict';
export * from './rules';
export * from './limits';
export * from './schools';
export * from './binding';
export * from './used';
export * from './words';
export * from './rulesVersion';
