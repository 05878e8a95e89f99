/** What `npm run test:long` does and `npm test` does not: the whole of that has to end within ten minutes on two cores. */

/** Whether everything is looked at. */
export const ALL = process.env.HERONSTONE_LONG === '1';
/** Given to a story that is for the long run alone (playwright.config.ts leaves out what has this tag). */
export const LONG = { tag: '@long' };
