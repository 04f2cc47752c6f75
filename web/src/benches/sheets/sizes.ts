import type { StaffSize } from '../../documents/kinds/sheet/type';

/** How large a sheet is drawn, by the size that was chosen for its staves. */
export const ZOOM: Readonly<Record<StaffSize, number>> = { small: 0.82, usual: 1, large: 1.45 };
