/** The tests as `npm test` runs them: those of core and of the library joined (joinTests.mjs), the others as they are. */
import config from '../jest.config.js';
import { root } from './prepare.mjs';

const { testEnvironment, setupFiles, extensionsToTreatAsEsm, transform, ...whole } = config;
const world = { rootDir: root, testEnvironment, setupFiles, extensionsToTreatAsEsm, transform };
const apart = ['server', 'cli', 'web', 'demo', 'scripts'].map((folder) => `<rootDir>/${folder}`);
export default {
  testTimeout: whole.testTimeout,
  maxWorkers: whole.maxWorkers,
  forceExit: whole.forceExit,
  projects: [
    { ...world, displayName: 'joined', roots: ['<rootDir>/.results/joined'], testMatch: ['**/*.test.mjs'] },
    { ...world, displayName: 'apart', roots: apart, testMatch: ['**/*.test.ts'] },
  ],
};
