import { useCallback, useEffect, useMemo, useRef, useState } from 'react';
import { fetchScript } from '../fetchScript';
import { MICROPHONE_ID } from './microphoneId';
import { readMessage } from './message';
import { simulatedKeyboard, type SimulatedKeyboard } from './simulated';
import { findDevices, type MidiSource } from './sources';

/** The A over middle C, in hertz (ISO 16). */
const TUNING = 440;

/** Keys held down together until all are up again. */
export interface Midi {
  readonly sources: readonly MidiSource[];
  readonly chosen: string | null;
  readonly problem: string | null;
  readonly held: readonly number[];
  readonly simulated: SimulatedKeyboard;
  readonly connect: () => void;
  /** Opens the microphone, which then sends single notes as a keyboard does. */
  readonly openMicrophone: () => void;
  readonly choose: (id: string | null) => void;
}

/**
 * Listens to one MIDI keyboard. `onKey` hears every key that goes down, and
 * whether it is the first after all were up: the beginning of something new.
 */
export function useMidi(onKey: (key: number, fresh: boolean) => void): Midi {
  const [simulated] = useState(simulatedKeyboard);
  const [devices, setDevices] = useState<readonly MidiSource[]>([]);
  const [chosen, setChosen] = useState<string | null>(null);
  const [problem, setProblem] = useState<string | null>(null);
  const [held, setHeld] = useState<readonly number[]>([]);
  const heard = useRef(onKey);
  useEffect(() => {
    heard.current = onKey;
  });
  const sources = useMemo(() => [simulated, ...devices], [simulated, devices]);

  useEffect(() => {
    const source = sources.find(({ id }) => id === chosen);
    if (!source) return;
    let down: number[] = [];
    const stop = source.listen((data) => {
      const message = readMessage(data);
      if (!message) return;
      const fresh = down.length === 0;
      const without = down.filter((key) => key !== message.key);
      down = message.kind === 'on' ? [...without, message.key] : without;
      setHeld(down);
      if (message.kind === 'on') heard.current(message.key, fresh);
    });
    return () => {
      stop();
      setHeld([]);
    };
  }, [sources, chosen]);

  const connect = useCallback(() => {
    void findDevices().then((found) => {
      setProblem(found.ok ? null : found.message);
      if (!found.ok) return;
      setDevices(found.sources);
      setChosen(found.sources[0]!.id);
    });
  }, []);
  const openMicrophone = useCallback(() => {
    const gone = (message: string | null) => {
      setProblem(message);
      setDevices((all) => all.filter(({ id }) => id !== MICROPHONE_ID));
      setChosen(null);
    };
    // Who answers by keys needs no detector of pitch.
    void fetchScript(() => import('./microphone/source')).then(async ({ openMicrophone: open }) => {
      const opened = await open(TUNING, gone);
      setProblem(opened.ok ? null : opened.message);
      if (!opened.ok) return;
      setDevices((all) => [...all.filter(({ id }) => id !== MICROPHONE_ID), opened.source]);
      setChosen(opened.source.id);
    });
  }, []);
  return { sources, chosen, problem, held, simulated, connect, openMicrophone, choose: setChosen };
}
