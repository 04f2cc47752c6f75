export * from './close';
export * from './register';
export * from './omissions';
export * from './fourPart';
export * from './voicings';
