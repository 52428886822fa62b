export * from './spacing';
export * from './places';
