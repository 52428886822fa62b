export * from './proof';
