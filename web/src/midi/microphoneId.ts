/** By this the microphone is known among what sends notes. */
export const MICROPHONE_ID = 'microphone';
