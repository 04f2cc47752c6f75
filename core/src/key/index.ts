export * from './key';
export * from './scale';
export * from './solfege';
export * from './chordMap';
export * from './homes';
export * from './signatureWords';
