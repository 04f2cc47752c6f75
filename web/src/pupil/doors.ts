/** What checks whatever comes onto the pupils' page, as one script that is fetched when something does. */
export { readPupilsFile } from '@diatonix/doors';
export { isToPupil } from '@diatonix/server/heard';
export { oldWork, workIn } from './kept';
