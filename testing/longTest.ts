/** A test that `npm run test:long` makes and `npm test` leaves out, since it takes many seconds and says little that others do not. */
import { LONG_RUN } from './runs.ts';

export const longTest: typeof test = LONG_RUN ? test : (test.skip as typeof test);
