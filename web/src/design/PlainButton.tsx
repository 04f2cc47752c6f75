import { Button } from 'react-aria-components';

/** A button that takes its look from where it stands. */
export const PlainButton = Button;
