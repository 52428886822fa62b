export * from './sure';
export * from './contributions';
export * from './contact';
export * from './lines';
