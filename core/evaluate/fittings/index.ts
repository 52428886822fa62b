export * from './fittings';
