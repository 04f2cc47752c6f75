import { createDesk, idField } from './desk';

/** Which class is open: benches of several kinds ask what it has been taught. */
export const CLASS_DESK = createDesk<{ readonly open: string | null }>('class', { open: idField });
