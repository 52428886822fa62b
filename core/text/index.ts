export * from './capital';
export * from './listed';
