export * from './entry';
export * from './change';
export * from './labels';
export * from './settings';
export * from './instruments';
export * from './context';
export * from './analyse';
export * from './readingWords';
