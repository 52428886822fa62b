export * from './report';
export * from './evaluate';
export * from './fitted';
export * from './held';
