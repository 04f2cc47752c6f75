export * from './scaleFingering';
export * from './chordFingering';
