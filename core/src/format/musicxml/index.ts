export * from './kinds';
export * from './write';
export * from './read';
export * from './line';
export * from './intervals';
export * from './mxl';
export * from './writeScore';
export * from './sheet';
