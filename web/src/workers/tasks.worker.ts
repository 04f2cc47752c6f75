import { expose } from 'comlink';
import { TASKS } from './tasks';

expose(TASKS);
