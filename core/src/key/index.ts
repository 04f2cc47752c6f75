export * from './circle';
export * from './key';
export * from './scale';
export * from './signatureParse';
export * from './solfege';
export * from './spellInKey';
