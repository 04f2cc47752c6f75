// These four attach themselves to a new context.
import 'tone/build/esm/core/clock/Transport.js';
import 'tone/build/esm/core/context/Destination.js';
import 'tone/build/esm/core/context/Listener.js';
import 'tone/build/esm/core/util/Draw.js';
import { Context } from 'tone/build/esm/core/context/Context.js';
import { ToneAudioBuffer } from 'tone/build/esm/core/context/ToneAudioBuffer.js';
import { setContext, start } from 'tone/build/esm/core/Global.js';
import { Sampler } from 'tone/build/esm/instrument/Sampler.js';
import samples from 'virtual:piano-samples';
import type { SampledInstrument } from './player';

/**
 * The sampled piano. Taken from the sound package's own modules: its index
 * makes a clock from a blob on loading, which the page's policy forbids.
 */
export async function loadPiano(volume: number): Promise<SampledInstrument> {
  setContext(new Context({ clockSource: 'timeout', latencyHint: 'interactive' }));
  const sampler = new Sampler({ urls: samples, release: 1.2, volume }).toDestination();
  await ToneAudioBuffer.loaded();
  return { sampler, resume: () => start() };
}
