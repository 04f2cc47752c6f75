import { CLASS_LIMITS } from './limits';
import type { Link } from './member';
import { nameKey } from './names';
import type { Join, JoiningRule, ListedName, Refusal, ToPupil } from './protocol';

/** Somebody who waits for the teacher's yes. */
export interface Asking {
  readonly id: string;
  readonly join: Join;
  readonly link: Link<ToPupil>;
  readonly address: string;
}

/** New names of one address. */
interface Newcomers {
  names: number;
  left: number;
  at: number;
}

/** The door of a class: who may join for the first time, and how many from one place. */
export class Entrance {
  joining: JoiningRule = 'open';
  private list = new Map<string, ListedName>();
  private readonly newcomers = new Map<string, Newcomers>();
  private readonly admitted = new Set<string>();
  private readonly refused = new Set<string>();
  /** Who asks, by id. */
  readonly asking = new Map<string, Asking>();

  constructor(private readonly now: () => number = Date.now) {}

  /** The names that the teacher's page knows. */
  set names(list: readonly ListedName[]) {
    this.list = new Map(list.map((one) => [nameKey(one.name), one]));
  }

  /** The version that somebody of this name had before; undefined where nobody had. */
  versionOf(name: string): number | undefined {
    return this.list.get(nameKey(name))?.version;
  }

  /** Keeps in mind which version somebody has, whose name is let go. */
  remember(name: string, version: number): void {
    this.list.set(nameKey(name), { name, version });
  }

  /** The names that can be chosen from, where the class is joined so. */
  choices(): string[] {
    return this.joining === 'list' ? [...this.list.values()].map(({ name }) => name) : [];
  }

  /** Why somebody new may not come in now; null where nothing stands in the way. */
  refusal(id: string, name: string, address: string): Refusal | null {
    if (this.admitted.has(id)) return null;
    if (this.refused.has(id)) return 'no';
    if (this.joining === 'closed') return 'closed';
    const isListed = this.joining === 'list' && this.list.has(nameKey(name));
    if (this.joining === 'ask' || (this.joining === 'list' && !isListed))
      return this.asking.size < CLASS_LIMITS.asking ? 'ask' : 'busy';
    return this.isCrowded(address) ? 'busy' : null;
  }

  /** Somebody new came in from an address. */
  entered(id: string, address: string): void {
    this.asking.delete(id);
    const from = this.of(address);
    from.names++;
    from.left--;
  }

  /** The teacher's answer to one who asks; gives whom it concerns. */
  answer(id: string, yes: boolean): Asking | null {
    const one = this.asking.get(id) ?? null;
    this.asking.delete(id);
    if (one) (yes ? this.admitted : this.refused).add(id);
    return one;
  }

  private isCrowded(address: string): boolean {
    const { names, left } = this.of(address);
    return names >= CLASS_LIMITS.namesFrom || left < 1;
  }

  private of(address: string): Newcomers {
    const now = this.now();
    const known = this.newcomers.get(address) ?? { names: 0, left: CLASS_LIMITS.nameBurst, at: now };
    known.left = Math.min(CLASS_LIMITS.nameBurst, known.left + (now - known.at) / CLASS_LIMITS.nameEveryMs);
    known.at = now;
    this.newcomers.set(address, known);
    return known;
  }
}
