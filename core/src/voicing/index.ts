export * from './close';
export * from './register';
export * from './omissions';
export * from './fourPart';
export * from './voicings';
export * from './rules';
export * from './search';
export * from './harmonise';
