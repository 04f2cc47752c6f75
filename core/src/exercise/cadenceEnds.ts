/** The last two chords of a phrase by the name of its cadence, in major and in minor (common practice). */
export const CADENCE_ENDS: Readonly<Record<string, Readonly<Record<'major' | 'minor', readonly string[]>>>> =
  {
    authentic: { major: ['V I', 'V7 I', 'V I6'], minor: ['V i', 'V7 i', 'V i6'] },
    half: { major: ['I V', 'ii6 V', 'IV V', 'vi V'], minor: ['i V', 'iio6 V', 'VI V'] },
    plagal: { major: ['IV I'], minor: ['iv i'] },
    deceptive: { major: ['V vi', 'V7 vi'], minor: ['V VI', 'V7 VI'] },
  };
