export default {
  roots: ['core', 'doors', 'engraving', 'command', 'web', 'server'].map((room) => `<rootDir>/${room}`),
  testMatch: ['**/*.test.ts', '**/*.test.tsx'],
  // The channel between tabs keeps the process alive.
  forceExit: true,
  // What a test imports first is compiled first, on a machine that may be busy.
  testTimeout: 20_000,
  testEnvironment: 'node',
  // As many workers as cores: half of the run was waiting for one.
  maxWorkers: '100%',
  // The database in memory outlives the file that made it for a moment.
  testEnvironmentOptions: { globalsCleanup: 'off' },
  // Addresses of files are the bundler's.
  moduleNameMapper: { '\\?url$': '<rootDir>/web/test/fileAddress.ts' },
  transform: {
    '^.+\\.(m?[tj]s|[tj]sx)$': [
      '@swc/jest',
      {
        jsc: {
          target: 'es2022',
          parser: { syntax: 'typescript', tsx: true, decorators: true },
          transform: { legacyDecorator: true, react: { runtime: 'automatic' } },
        },
        module: { type: 'commonjs' },
      },
    ],
  },
  // Packages that come as modules of the language alone.
  transformIgnorePatterns: ['/node_modules/(?!(@diatonix|d3-[a-z-]+|internmap|pitchy)/)'],
};
