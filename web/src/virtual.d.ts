declare module 'virtual:piano-samples' {
  /** Addresses of the piano samples by note (A1, C2, D#2 …). */
  const samples: Record<string, string>;
  export default samples;
}

declare module 'class-transformer/cjs/storage' {
  /** What the decorators of the package remembered: which class a field is made into. */
  export const defaultMetadataStorage: never;
}
