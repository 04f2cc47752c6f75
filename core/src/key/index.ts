export * from './key';
export * from './scale';
export * from './solfege';
