export * from './instruments';
export * from './sigma';
