import { createDesk, idField } from '../documents/store/desk';

/** Which bench was left last. */
export const SHELL_DESK = createDesk<{ readonly bench: string | null }>('shell', { bench: idField });
