export * from './profile';
export * from './outline';
export * from './surface';
export * from './contour';
export * from './distance';
