/**
 * How many cases the properties look at. `npm test` runs few with one fixed seed, so that it always says the same;
 * `npm run test:long` runs many with a seed of its own, which it prints.
 */
export const LONG_RUN = process.env.HERONSTONE_LONG === '1';

/** Of many cases `npm test` looks at half: the whole of it is to end within ten minutes. */
const half = (few: number): number => (few < 20 ? few : Math.ceil(few / 2));

/** @param few cases in a day's work @param many cases in `npm run test:long` */
export const runs = (few: number, many = few * 20): number => (LONG_RUN ? many : half(few));
