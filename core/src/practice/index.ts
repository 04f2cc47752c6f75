export * from './drill';
export * from './order';
export * from './played';
