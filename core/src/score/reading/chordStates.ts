import { makeChord, memberNote, type Chord } from '../../chord/chord';
import { COSTS } from '../../context/costs';
import { settledState, statesInKey, type State } from '../../context/states';
import { attempt } from '../../errors';
import { printKey, sameKey, type Key } from '../../key/key';
import type { Numeral } from '../../label/numeral';
import { printNumeral } from '../../label/numeralPrint';
import { fromLineOfFifths } from '../../pitch/note';
import { TEMPLATES } from './templates';
import { exact } from './exact';
import type { ReadingWeights } from './weights';

const KNOWN = new Map<string, readonly State[]>();

/** The states of a chord in a key, made once for all scores. */
function statesOfChord(template: number, root: number, lowest: number, key: Key): readonly State[] {
  const { tonic, mode } = key;
  const id = `${template} ${root} ${lowest} ${tonic.step}${tonic.alteration}${mode}`;
  let states = KNOWN.get(id);
  if (!states) {
    // Far from the middle of the line of fifths some chords cannot be spelled.
    const made = attempt(() => makeStates(template, root, lowest, key));
    KNOWN.set(id, (states = made.ok ? made.value : []));
  }
  return states;
}

function makeStates(template: number, root: number, lowest: number, key: Key): readonly State[] {
  const { members } = TEMPLATES[template]!;
  const name = fromLineOfFifths(root);
  const chord = makeChord(name, members, memberNote(name, members[lowest]!));
  const states = statesInKey(chord, key);
  const special = members.some(({ degree }) => degree === 6);
  return special ? states.filter(({ reason }) => reason === 'augmented-sixth') : states;
}

const TABLES = new WeakMap<ReadingWeights, Map<string, ChordStates>>();

/** The states of chords in keys round a signature: made once, since scores share them. */
export function chordStatesFor(input: {
  readonly keys: readonly Key[];
  readonly home: number;
  readonly weights: ReadingWeights;
}): ChordStates {
  let tables = TABLES.get(input.weights);
  if (!tables) TABLES.set(input.weights, (tables = new Map()));
  const id = `${input.home} ${input.keys.map(printKey).join()}`;
  let table = tables.get(id);
  if (!table) {
    if (tables.size >= MOST_TABLES) tables.clear();
    tables.set(id, (table = new ChordStates(input)));
  }
  return table;
}

const MOST_TABLES = 24;

/** Chords on one root, and how many roots there are on the line of fifths, and where they begin. */
const CHORDS = 64;
const ROOTS = 80;
const LOWEST_ROOT = 40;
/** Room for states that are not known yet. */
const SPARE = 512;

/** Why a numeral has a third that may be supplied. */
const KEYS_OWN: ReadonlySet<State['reason']> = new Set<State['reason']>(['diatonic', 'harmonic', 'given']);

/** The states of all chords in some keys, numbered, with what they cost wherever they stand. */
export class ChordStates {
  readonly states: State[] = [];
  readonly costs: number[] = [];
  /** The same where the third does not sound: it is supplied as the key has it, on its dominant as leading note. */
  readonly bareCosts: number[] = [];
  private readonly known: (readonly number[] | undefined)[] = new Array<undefined>(ROOTS * CHORDS).fill(
    undefined,
  );
  private readonly knownBare = [...this.known];
  private readonly rulings = new Map<string, number>();

  constructor(
    private readonly input: {
      readonly keys: readonly Key[];
      readonly home: number;
      readonly weights: ReadingWeights;
    },
  ) {}

  /** Numbers of states that arrays by state should have room for. */
  room(): number {
    return this.states.length + SPARE;
  }

  /** The states of a chord in all keys, the cheapest first. */
  of(template: number, root: number, lowest: number): readonly number[] {
    const place = (root + LOWEST_ROOT) * CHORDS + template * 4 + lowest;
    return (this.known[place] ??= this.make(template, root, lowest));
  }

  /** The states of a chord whose third does not sound, the cheapest first. */
  ofBare(template: number, root: number, lowest: number): readonly number[] {
    const place = (root + LOWEST_ROOT) * CHORDS + template * 4 + lowest;
    return (this.knownBare[place] ??= [...this.of(template, root, lowest)].sort(
      (a, b) => this.bareCosts[a]! - this.bareCosts[b]!,
    ));
  }

  /** Whether a chord has a numeral in one of the keys, or in the one that is ruled. */
  canBe(template: number, root: number, lowest: number, only: Key | null): boolean {
    const list = this.of(template, root, lowest);
    return only ? list.some((one) => sameKey(this.states[one]!.key, only)) : list.length > 0;
  }

  /** The number of a state that was settled by a ruling. */
  settled(numeral: Numeral, chord: Chord, key: Key): number {
    const id = `${printKey(key)} ${printNumeral(numeral, key)}`;
    let number = this.rulings.get(id);
    if (number === undefined) {
      number = this.states.push(settledState(numeral, chord, key)) - 1;
      this.costs.push(0);
      this.bareCosts.push(0);
      this.rulings.set(id, number);
    }
    return number;
  }

  private make(template: number, root: number, lowest: number): number[] {
    const { keys, home, weights } = this.input;
    const made = keys
      .flatMap((key) => statesOfChord(template, root, lowest, key))
      .map((state) => {
        const cost = state.cost + COSTS.farFromSignature * Math.abs(state.fifths - home);
        const whole = exact(weights.context * cost);
        this.costs.push(whole);
        this.bareCosts.push(whole + (KEYS_OWN.has(state.reason) ? 0 : exact(weights.suppliedThird)));
        return this.states.push(state) - 1;
      });
    return made.sort((a, b) => this.costs[a]! - this.costs[b]!);
  }
}
