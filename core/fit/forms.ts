/** The forms in which things take room: what their sizes mean, how they usually lie, and the words for them. */
import type { Form, Orientation, Supply } from '../model/plan.ts';

interface FormFacts {
  /** What one and many of them are called. */
  one: string;
  many: string;
  /** What length, width and thickness are. */
  sizes: readonly [string, string, string];
  /** The ways of lying that are allowed when nobody says otherwise. */
  lies: readonly Orientation[];
  hint: string;
}

const SIDES = ['Length', 'Width', 'Thickness'] as const;
const ANY = ['flat', 'edge', 'end'] as const;
const facts = (
  one: string,
  many: string,
  hint: string,
  lies: FormFacts['lies'] = ['flat'],
  sizes: FormFacts['sizes'] = SIDES,
): FormFacts => ({ one, many, hint, lies, sizes });

export const FORM_FACTS: Readonly<Record<Form, FormFacts>> = {
  sheets: facts('sheet', 'sheets', 'paper, card, felt: in stacks, upright in a slot or in a file', ANY),
  pieces: facts('piece', 'pieces', 'anything stiff: in rows, columns and layers', ANY),
  long: facts('long piece', 'long pieces', 'rods, rulers, boards: may lie slanting', ANY),
  rolls: facts(
    'roll',
    'rolls',
    'vinyl, tape, cloth on a tube: lying or standing',
    ['flat', 'end'],
    ['Width of the roll', 'Diameter', 'Diameter'],
  ),
  bottles: facts(
    'bottle or jar',
    'bottles or jars',
    'round and standing; rows may be staggered',
    ['end'],
    ['Height', 'Diameter', 'Diameter'],
  ),
  soft: facts('soft thing', 'soft things', 'yarn, fabric, wadding: takes the volume it is pressed to'),
  hung: facts('hung thing', 'hung things', 'only on a board, a rail or hooks', ['end']),
  loose: facts('small thing', 'loose small things', 'beads, screws, pins: poured in, 60 % of the room'),
  set: facts('set', 'sets', 'several things that stay together in their case', ANY),
  machine: facts('machine', 'machines', 'stands as it is; needs room to work', ['flat'], ['Width', 'Depth', 'Height']),
};

/** The ways of lying that are allowed when nobody says otherwise. */
export function usualOrientations(form: Form): Orientation[] {
  return [...FORM_FACTS[form].lies];
}

/** "84 pieces", "1 sheet". */
export function countWords(supply: Pick<Supply, 'form'>, count: number): string {
  const { one, many } = FORM_FACTS[supply.form];
  return `${count} ${count === 1 ? one : many}`;
}

/** Whether a form is round: length is its axis, width its diameter. */
export function isRound(form: Form): boolean {
  return form === 'rolls' || form === 'bottles';
}
