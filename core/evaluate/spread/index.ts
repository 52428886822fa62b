export * from './sure';
export * from './ownError';
export * from './contributions';
export * from './contact';
export * from './lines';
