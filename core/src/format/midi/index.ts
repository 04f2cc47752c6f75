export * from './write';
export * from './readScore';
export * from './writeScore';
