export * from './anchors';
export * from './chordFingering';
export * from './layout';
export * from './patterns';
export * from './primaryChords';
export * from './scaleFingering';
