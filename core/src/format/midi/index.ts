export * from './write';
export * from './readScore';
