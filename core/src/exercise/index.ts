export * from './exercise';
export * from './kinds/intervalName';
export type { IntervalCause, IntervalQuestion } from './kinds/intervalName/causes';
export * from './kinds/intervalInvert';
export * from './kinds/workBack';
