export * from './findsFile';
