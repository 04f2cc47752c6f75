export * from './step';
export * from './vocabulary';
export * from './words';
export * from './intervalWorking';
export * from './chordWorking';
export * from './figuresWorking';
export * from './numeralWorking';
