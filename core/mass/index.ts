export * from './inertia';
