export * from './point';
export * from './profile';
export * from './hollow';
export * from './outline';
export * from './surface';
export * from './rim';
export * from './contour';
export * from './distance';
