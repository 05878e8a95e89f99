/** Before each test file: the seed of all properties. A failure is said as it was found; making it smaller can take minutes. */
import fc from 'fast-check';

fc.configureGlobal({ seed: Number(process.env.HERONSTONE_SEED ?? 20261126), endOnFailure: true });
