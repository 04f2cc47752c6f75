export * from './markInterval';
export * from './words';
