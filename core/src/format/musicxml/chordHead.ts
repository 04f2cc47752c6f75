import { sameValue } from '../../same';
import { all, childrenOf, find, numberIn, xmlText, type XmlNode } from './dom';

/** The first note of a chord, on which the others hang: they may leave its voice out, and last no longer. */
export class ChordHead {
  readonly place: { readonly staff: number; readonly voice: string };

  constructor(
    private readonly children: readonly XmlNode[],
    private readonly ticks: number,
  ) {
    this.place = {
      staff: Math.max(1, Math.trunc(numberIn(find(children, 'staff')) ?? 1)),
      voice: xmlText(find(children, 'voice')) || '1',
    };
  }

  /** How long another note of the chord lasts: as long as this one where it is written alike, never longer. */
  ticksOf(children: readonly XmlNode[], told: number): number {
    return sameValue(writtenValue(children), writtenValue(this.children))
      ? this.ticks
      : Math.min(told, this.ticks);
  }
}

/** Type, dots and tuplet of a note. */
const writtenValue = (children: readonly XmlNode[]) => {
  const modification = find(children, 'time-modification');
  return [
    xmlText(find(children, 'type')),
    all(children, 'dot').length,
    ...['actual-notes', 'normal-notes'].map((name) =>
      modification ? numberIn(find(childrenOf(modification), name)) : null,
    ),
  ];
};
