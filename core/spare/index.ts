export * from './well';
export * from './holdDown';
