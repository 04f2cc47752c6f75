export * from './scoreFile';
export * from './lineFile';
export * from './romantext';
export * from './midi';
export * from './table';
export * from './musicxml';
