export * from './scaleFingering';
export * from './chordFingering';
export * from './primaryChords';
export * from './layout';
export * from './patterns';
export * from './anchors';
