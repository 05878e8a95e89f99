/** What the library knows of crafts and things, for everything that reads a line. */
import type { Known } from '@heronstone/core/entry/usedFor.ts';
import { CRAFTS_KNOWN } from './crafts.ts';
import { KINDS } from './usualSizes.ts';

export const KNOWN: Known = { crafts: CRAFTS_KNOWN, kinds: KINDS };
