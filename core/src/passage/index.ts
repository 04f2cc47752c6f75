export * from './derive';
export * from './melodyOver';
export * from './fourParts';
export * from './functions';
export * from './foundKeys';
