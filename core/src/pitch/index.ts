export * from './barAccidentals';
export * from './letters';
export * from './note';
export * from './parse';
export * from './print';
