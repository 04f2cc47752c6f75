export * from './readSchool';
export * from './school';
