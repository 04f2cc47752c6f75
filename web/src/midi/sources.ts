/** Something that sends MIDI messages. */
export interface MidiSource {
  readonly id: string;
  readonly name: string;
  /** Calls back with the bytes of every message; returns the stop. */
  readonly listen: (onMessage: (data: Uint8Array) => void) => () => void;
}

export type MidiDevices =
  | { readonly ok: true; readonly sources: readonly MidiSource[] }
  | { readonly ok: false; readonly message: string };

/** Asks the browser for the MIDI keyboards that are plugged in. The browser asks the user first. */
export async function findDevices(): Promise<MidiDevices> {
  if (!('requestMIDIAccess' in navigator)) {
    return {
      ok: false,
      message: 'This browser has no MIDI. Use Chromium or Firefox, or choose the simulated keyboard.',
    };
  }
  try {
    const access = await navigator.requestMIDIAccess();
    const sources = [...access.inputs.values()].map(sourceOf);
    if (sources.length > 0) return { ok: true, sources };
    return {
      ok: false,
      message: 'No MIDI keyboard was found. Plug it in and connect again, or choose the simulated keyboard.',
    };
  } catch {
    return {
      ok: false,
      message:
        'MIDI was not allowed for this page. Allow it in the browser’s settings, or choose the simulated keyboard.',
    };
  }
}

function sourceOf(input: MIDIInput): MidiSource {
  return {
    id: input.id,
    name: input.name ?? 'MIDI keyboard',
    listen: (onMessage) => {
      const onEvent = (event: Event) => {
        const { data } = event as MIDIMessageEvent;
        if (data) onMessage(data);
      };
      input.addEventListener('midimessage', onEvent);
      return () => input.removeEventListener('midimessage', onEvent);
    },
  };
}
