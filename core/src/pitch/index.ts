export * from './barAccidentals';
export * from './letters';
export * from './letterStacks';
export * from './note';
export * from './parse';
export * from './print';
