export * from './fault';
export * from './bare';
