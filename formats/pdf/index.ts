export * from './paper';
export * from './gaugeCard';
export * from './card';
export * from './template';
export * from './jobSheet';
export * from './orderList';
export * from './customerSheet';
