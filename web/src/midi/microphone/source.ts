import { writeMessage } from '../message';
import { MICROPHONE_ID } from '../microphoneId';
import type { MidiSource } from '../sources';
import collect from './collect.worklet.ts?worker&url';
import { NoteTracker } from './tracker';

export type MicrophoneOpened =
  { readonly ok: true; readonly source: MidiSource } | { readonly ok: false; readonly message: string };

type Gone = (message: string | null) => void;
const UNPLUGGED = 'The microphone was unplugged. Plug it in and press Microphone again.';

/** Why there is no microphone, in words; other ways of answering stay. */
function reason(error: unknown): string {
  const name = error instanceof DOMException ? error.name : '';
  if (name === 'NotAllowedError' || name === 'SecurityError')
    return 'The microphone was not allowed for this page. Allow it in the browser’s settings, or use keys or MIDI.';
  if (name === 'NotFoundError')
    return 'No microphone was found. Plug one in and press Microphone again, or use keys or MIDI.';
  if (name === 'NotReadableError')
    return 'The microphone is in use elsewhere. Close the other program, then press Microphone again.';
  return 'The microphone could not be opened. Use keys or MIDI.';
}

/**
 * Opens the default microphone, after the browser has asked, as something that sends single notes like a keyboard.
 * Nothing is recorded and nothing leaves the page. `onGone` is called when it is unplugged, with words, and when it was
 * closed since, without.
 */
export async function openMicrophone(tuning: number, onGone: Gone): Promise<MicrophoneOpened> {
  if (!navigator.mediaDevices?.getUserMedia)
    return { ok: false, message: 'This browser gives no microphone to the page. Use keys or MIDI.' };
  try {
    const stream = await navigator.mediaDevices.getUserMedia({
      // What makes speech clearer bends single notes.
      audio: { echoCancellation: false, noiseSuppression: false, autoGainControl: false },
    });
    stream.getAudioTracks()[0]?.addEventListener('ended', () => onGone(UNPLUGGED));
    const context = new AudioContext();
    await context.audioWorklet.addModule(collect);
    return { ok: true, source: sourceOf(stream, context, tuning, onGone) };
  } catch (error) {
    return { ok: false, message: reason(error) };
  }
}

function sourceOf(stream: MediaStream, context: AudioContext, tuning: number, onGone: Gone): MidiSource {
  return {
    id: MICROPHONE_ID,
    name: 'Microphone',
    listen: (onMessage) => {
      // Whoever stopped listening closed it; it is opened by a press, and asked for, again.
      if (context.state === 'closed') {
        onGone(null);
        return () => undefined;
      }
      const tracker = new NoteTracker({ rate: context.sampleRate, tuning });
      const input = context.createMediaStreamSource(stream);
      const node = new AudioWorkletNode(context, 'collect', { numberOfOutputs: 0 });
      node.port.onmessage = ({ data }: MessageEvent<Float32Array>) => {
        for (const { kind, key } of tracker.push(data)) onMessage(writeMessage({ kind, key }));
      };
      input.connect(node);
      void context.resume();
      return () => {
        input.disconnect();
        node.port.onmessage = null;
        // The light of the microphone goes out.
        for (const track of stream.getTracks()) track.stop();
        void context.close();
      };
    },
  };
}
