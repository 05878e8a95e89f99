/** What is offered for a finding. */
import type { Change } from '../../model/change.ts';

export interface Fix {
  /** "Slide it 70 mm to the south", "Raise it by 3 1/2 in, to 33 in" */
  words: string;
  changes: Change[];
  /** How far something moves, or by how much a size changes, mm. */
  by: number;
  /** What it asks of a person, in mm of sliding: the least is offered first. */
  effort: number;
}

/** Makes a row id for a parking place that is not there yet. */
export type NewId = () => string;
