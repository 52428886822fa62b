export * from './revolutions';
export * from './speedometer';
