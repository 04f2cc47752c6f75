export * from './chord';
export * from './describe';
export * from './build';
export * from './identify';
export * from './symbolParse';
export * from './symbolPrint';
export * from './inversionNames';
export * from './families';
