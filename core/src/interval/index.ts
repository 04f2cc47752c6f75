export * from './interval';
