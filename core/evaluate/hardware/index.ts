export * from './hardware';
export * from './hubPattern';
export * from './pattern';
export * from './centering';
export * from './fastening';
export * from './seat';
export * from './lugHole';
export * from './spacers';
