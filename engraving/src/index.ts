export * from './engraver';
export * from './questionStaff';
export * from './signs';
export * from './surface';
export * from './textSurface';
export * from './types';
export * from './fontNames';
export * from './working';
