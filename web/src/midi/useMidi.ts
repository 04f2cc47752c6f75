import { useCallback, useEffect, useMemo, useRef, useState } from 'react';
import { readMessage } from './message';
import { simulatedKeyboard, type SimulatedKeyboard } from './simulated';
import { findDevices, type MidiSource } from './sources';

/** Keys held down together until all are up again. */
export interface Midi {
  readonly sources: readonly MidiSource[];
  readonly chosen: string | null;
  readonly problem: string | null;
  readonly held: readonly number[];
  readonly simulated: SimulatedKeyboard;
  readonly connect: () => void;
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
  return { sources, chosen, problem, held, simulated, connect, choose: setChosen };
}
