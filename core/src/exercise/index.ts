export * from './markInterval';
export * from './words';
export * from './workBackWords';
