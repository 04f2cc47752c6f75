import { version } from '../../package.json';

/** The version as it is told to people. */
export const VERSION_NAME: string = version;
