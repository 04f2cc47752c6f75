export * from './note';
export * from './parse';
export * from './print';
export * from './letters';
export * from './barAccidentals';
