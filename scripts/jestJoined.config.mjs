/** The tests as `npm test` runs them: most joined by folder (joinTests.mjs), those that stand in for other modules as they are. */
import config from '../jest.config.js';
import { root } from './prepare.mjs';

const { testEnvironment, setupFiles, extensionsToTreatAsEsm, transform, ...whole } = config;
const world = { rootDir: root, testEnvironment, setupFiles, extensionsToTreatAsEsm, transform };
const apart = ['web', 'demo', 'scripts'].map((folder) => `<rootDir>/${folder}`);
export default {
  testTimeout: whole.testTimeout,
  maxWorkers: whole.maxWorkers,
  forceExit: whole.forceExit,
  projects: [
    { ...world, displayName: 'joined', roots: ['<rootDir>/.results/joined'], testMatch: ['**/*.test.mjs'] },
    { ...world, displayName: 'apart', roots: apart, testMatch: ['**/*.test.ts'] },
  ],
};
