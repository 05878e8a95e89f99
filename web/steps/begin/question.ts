/** A question of the start that leads. */
import type { Change } from '@heronstone/core/model/change.ts';

/** What a question is given: to answer with changes, or to go on without. */
export interface Question {
  /** Makes the changes and goes on; false when they could not be made. */
  answer: (what: string, changes: Change[], crafts?: string[]) => boolean;
}
