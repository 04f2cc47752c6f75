export * from './bars';
export * from './length';
export * from './metre';
