import { createDesk, deskFlag } from '../documents/store/desk';

/** Whether the panel for entering notes is open. */
export const NOTES_DESK = createDesk<{ readonly open: boolean }>('notes', { open: deskFlag(false) });
