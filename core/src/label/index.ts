export * from './numeral';
export * from './school';
export * from './diatonic';
export * from './numeralParse';
export * from './numeralPrint';
export * from './figures';
export * from './numeralsFor';
