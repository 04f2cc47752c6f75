export * from './close';
