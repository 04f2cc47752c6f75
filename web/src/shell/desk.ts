import { createDesk, idField } from '../documents/desk';

/** Which bench was left last. */
export const SHELL_DESK = createDesk<{ readonly bench: string | null }>('shell', { bench: idField });
