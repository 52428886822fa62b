export * from './profile';
export * from './outline';
