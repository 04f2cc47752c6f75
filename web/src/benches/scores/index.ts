import { fetchScript } from '../../fetchScript';
import type { Bench } from '../bench';
import { pieceNow } from './desk';

const PATH = '/scores';

export const SCORES_BENCH: Bench = {
  name: 'scores',
  path: PATH,
  title: 'Scores',
  load: () => import('./ScoresBench').then(({ ScoresBench }) => ScoresBench),
  kinds: ['score'],
  open: () => {
    const open = pieceNow();
    return open ? [open.id] : [];
  },
  keys: [
    ['space', 'play the chord as it sounds in the piece'],
    ['shift + space', 'play from here'],
    ['s', 'split the chord at its next moment'],
    ['j', 'join the chord with the one before'],
    ['p', 'end a phrase with the chord, or take its end back'],
    ['n', 'the notes of the chord, one by one; escape goes back to the chords'],
    ['note: arrows', 'to the note before, after, above or below'],
    ['note: a to g', 'its pitch; with shift a note more in its chord'],
    ['note: shift + up, down', 'a step higher or lower; [ and ] an octave, + and - a half step'],
    ['note: , and .', 'shorter and longer'],
    ['note: t, h', 'tie, fermata'],
    ['note: delete', 'delete it'],
  ],
  commands: [
    {
      name: 'Type a piece, a line a voice',
      run: (go) =>
        void fetchScript(() => import('./state')).then(({ typePiece }) => {
          typePiece();
          go(PATH);
        }),
    },
  ],
};
