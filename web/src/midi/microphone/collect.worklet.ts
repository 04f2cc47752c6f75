/** What an audio worklet knows, as far as it is used here. */
declare class AudioWorkletProcessor {
  readonly port: MessagePort;
}
declare function registerProcessor(name: string, processor: typeof AudioWorkletProcessor): void;

/** Hands what the microphone gives to the page, block by block; nothing is kept. */
class Collect extends AudioWorkletProcessor {
  process([input]: readonly (readonly Float32Array[])[]): boolean {
    const [channel] = input ?? [];
    if (channel) this.port.postMessage(channel.slice());
    return true;
  }
}

registerProcessor('collect', Collect);
