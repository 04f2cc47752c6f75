export * from './kinds';
export * from './write';
export * from './read';
export * from './progression';
export * from './intervals';
