export * from './chordWorking';
export * from './figuresWorking';
export * from './intervalWorking';
export * from './keyWorking';
export * from './numeralWorking';
export * from './step';
export * from './workBackWorking';
