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

export const FORM_FACTS: Readonly<Record<Form, FormFacts>> = {
  sheets: {
    one: 'sheet',
    many: 'sheets',
    sizes: ['Length', 'Width', 'Thickness'],
    lies: ['flat', 'edge', 'end'],
    hint: 'paper, card, felt: in stacks, upright in a slot or in a file',
  },
  pieces: {
    one: 'piece',
    many: 'pieces',
    sizes: ['Length', 'Width', 'Thickness'],
    lies: ['flat', 'edge', 'end'],
    hint: 'anything stiff: in rows, columns and layers',
  },
  long: {
    one: 'long piece',
    many: 'long pieces',
    sizes: ['Length', 'Width', 'Thickness'],
    lies: ['flat', 'edge', 'end'],
    hint: 'rods, rulers, boards: may lie slanting',
  },
  rolls: {
    one: 'roll',
    many: 'rolls',
    sizes: ['Width of the roll', 'Diameter', 'Diameter'],
    lies: ['flat', 'end'],
    hint: 'vinyl, tape, cloth on a tube: lying or standing',
  },
  bottles: {
    one: 'bottle or jar',
    many: 'bottles or jars',
    sizes: ['Height', 'Diameter', 'Diameter'],
    lies: ['end'],
    hint: 'round and standing; rows may be staggered',
  },
  soft: {
    one: 'soft thing',
    many: 'soft things',
    sizes: ['Length', 'Width', 'Thickness'],
    lies: ['flat'],
    hint: 'yarn, fabric, wadding: takes the volume it is pressed to',
  },
  hung: {
    one: 'hung thing',
    many: 'hung things',
    sizes: ['Length', 'Width', 'Thickness'],
    lies: ['end'],
    hint: 'only on a board, a rail or hooks',
  },
  loose: {
    one: 'small thing',
    many: 'loose small things',
    sizes: ['Length', 'Width', 'Thickness'],
    lies: ['flat'],
    hint: 'beads, screws, pins: poured in, 60 % of the room',
  },
  set: {
    one: 'set',
    many: 'sets',
    sizes: ['Length', 'Width', 'Thickness'],
    lies: ['flat', 'edge', 'end'],
    hint: 'several things that stay together in their case',
  },
  machine: {
    one: 'machine',
    many: 'machines',
    sizes: ['Width', 'Depth', 'Height'],
    lies: ['flat'],
    hint: 'stands as it is; needs room to work',
  },
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
