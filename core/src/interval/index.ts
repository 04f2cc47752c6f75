export * from './interval';
export * from './intervalLine';
export * from './readName';
