export { barSystems, barWidths, type BarSystem, type LabelRoom } from './barWidths';
export { engraveSystem, headRoom, type DrawnSystem } from './engraveSystem';
export { pointedAt, type DrawnHead, type Pointed } from './heads';
export { piecesOf, spelled } from './pieces';
export { canClose, clefAt, planStaves, withoutEmpty, writtenPitch, type StaffPlan } from './plan';
export { fifthsAt, type SystemOptions } from './systemOptions';
