import { nameIndex, NAMES } from './sounds';
import { TEMPLATES } from './templates';

/** No template has more members. */
export const MOST_MEMBERS = 4;

/** The chords that are sought: every template on every root, a number for each, in flat tables. */
export class Candidates {
  readonly count: number;
  readonly roots: Int8Array;
  readonly templates: Uint8Array;
  /** How many members each has, a bit for the name of each, and for all together; the root is the first. */
  readonly sizes: Uint8Array;
  readonly bits: Int32Array;
  readonly masks: Int32Array;
  /** By candidate and the index of a name which member it is, −1 for none. */
  readonly members: Int8Array;

  /** `roots` are places on the line of fifths. */
  constructor(roots: readonly number[]) {
    this.count = roots.length * TEMPLATES.length;
    this.roots = new Int8Array(this.count);
    this.templates = new Uint8Array(this.count);
    this.sizes = new Uint8Array(this.count);
    this.bits = new Int32Array(this.count * MOST_MEMBERS);
    this.masks = new Int32Array(this.count);
    this.members = new Int8Array(this.count * NAMES).fill(-1);
    roots.forEach((root, at) =>
      TEMPLATES.forEach(({ places }, template) => {
        const c = at * TEMPLATES.length + template;
        this.roots[c] = root;
        this.templates[c] = template;
        this.sizes[c] = places.length;
        places.forEach((place, member) => {
          const name = nameIndex(root + place);
          this.bits[c * MOST_MEMBERS + member] = 1 << name;
          this.masks[c]! |= 1 << name;
          this.members[c * NAMES + name] = member;
        });
      }),
    );
  }
}
