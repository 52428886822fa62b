export * from './axleParts';
export * from './cases';
export * from './partLimit';
export * from './labels';
