export * from './errors';
export * from './pitch';
export * from './interval';
export * from './key';
export * from './chord';
export * from './label';
