/** The core and the studio's store, in Node. A few packages ship as ES modules only and are transformed. */
const config = {
  testEnvironment: 'node',
  // on a busy machine: what hangs is still found, what is slow is measured in bench
  testTimeout: 60_000,
  maxWorkers: '100%',
  // handed to each module: looked up in the sandbox they cost many times what is computed with them
  sandboxInjectedGlobals: ['Math', 'Number', 'Array', 'Map', 'Set', 'Object', 'Float64Array', 'Int32Array', 'Uint8Array'],
  testMatch: [
    '<rootDir>/src/**/*.test.ts',
    '<rootDir>/cli/**/*.test.ts',
    '<rootDir>/app/**/*.test.ts',
    '<rootDir>/bench/**/*.test.ts',
  ],
  moduleNameMapper: { '^@/(.*)$': '<rootDir>/src/$1', '^three$': '<rootDir>/node_modules/three/build/three.module.js' },
  transform: {
    '^.+\\.(t|j|mj)sx?$': [
      '@swc/jest',
      { jsc: { target: 'es2022', parser: { syntax: 'typescript', tsx: true } }, module: { type: 'commonjs' } },
    ],
  },
  transformIgnorePatterns: ['/node_modules/(?!(three|ical.js|culori|d3-hierarchy|kdbush|valibot|immer|zustand|@valibot)/)'],
};

export default config;
