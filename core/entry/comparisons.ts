/** Sizes that are said by comparing: "as big as a paperback", "hand-sized". Everyday things as most people know them; from memory. */
import { stem } from './comparableWords.ts';
import type { Rest } from './readMeasures.ts';

type Sizes = readonly [length: number, width: number, thickness: number];

/** What people compare with, mm. */
const EVERYDAY: Readonly<Record<string, Sizes>> = {
  paperback: [178, 110, 25],
  hardback: [240, 160, 35],
  book: [240, 160, 30],
  notebook: [210, 148, 12],
  magazine: [280, 215, 5],
  dictionary: [240, 160, 60],
  shoebox: [330, 200, 120],
  'shoe box': [330, 200, 120],
  'boot box': [500, 330, 130],
  'pizza box': [330, 330, 45],
  'cereal box': [300, 190, 70],
  'tissue box': [230, 115, 85],
  lunchbox: [230, 170, 90],
  'lunch box': [230, 170, 90],
  matchbox: [53, 36, 15],
  'pack of cards': [90, 64, 18],
  'deck of cards': [90, 64, 18],
  'playing card': [90, 64, 1],
  'credit card': [86, 54, 1],
  'postage stamp': [30, 25, 1],
  coin: [24, 24, 2],
  penny: [20, 20, 2],
  quarter: [24, 24, 2],
  thumb: [60, 20, 20],
  thumbnail: [15, 12, 3],
  finger: [75, 18, 16],
  hand: [180, 90, 40],
  palm: [100, 85, 25],
  fist: [100, 90, 80],
  'loaf of bread': [270, 120, 120],
  loaf: [270, 120, 120],
  brick: [215, 102, 65],
  egg: [57, 44, 44],
  walnut: [38, 35, 35],
  pea: [8, 8, 8],
  bean: [15, 9, 7],
  grape: [25, 20, 20],
  'grain of rice': [7, 2, 2],
  apple: [80, 80, 80],
  orange: [80, 80, 80],
  grapefruit: [115, 115, 115],
  melon: [200, 180, 180],
  'golf ball': [43, 43, 43],
  'tennis ball': [67, 67, 67],
  'ping pong ball': [40, 40, 40],
  'table tennis ball': [40, 40, 40],
  baseball: [74, 74, 74],
  football: [220, 220, 220],
  'soccer ball': [220, 220, 220],
  basketball: [240, 240, 240],
  marble: [16, 16, 16],
  mug: [115, 90, 95],
  'coffee cup': [115, 90, 95],
  teacup: [120, 100, 65],
  plate: [270, 270, 25],
  'dinner plate': [270, 270, 25],
  saucer: [150, 150, 20],
  'soda can': [122, 66, 66],
  'drinks can': [122, 66, 66],
  can: [122, 66, 66],
  'wine bottle': [300, 75, 75],
  'milk carton': [200, 95, 95],
  phone: [150, 72, 9],
  tablet: [250, 175, 8],
  laptop: [350, 240, 22],
  remote: [200, 50, 20],
  'remote control': [200, 50, 20],
  pencil: [175, 8, 8],
  pen: [145, 11, 11],
  ruler: [310, 35, 3],
  toothbrush: [190, 15, 15],
  'pencil case': [210, 80, 40],
  wallet: [110, 90, 20],
  postcard: [148, 105, 1],
  'sheet of paper': [297, 210, 1],
  envelope: [220, 110, 2],
  'suit case': [650, 450, 250],
  suitcase: [650, 450, 250],
  backpack: [450, 300, 180],
  briefcase: [420, 310, 100],
  pillow: [650, 400, 150],
  cushion: [450, 450, 130],
  toaster: [300, 180, 190],
  microwave: [480, 360, 280],
  'door knob': [60, 55, 55],
  button: [16, 16, 4],
};

/** Classes of size, mm. */
const CLASSES: ReadonlyArray<readonly [words: RegExp, name: string, sizes: Sizes]> = [
  [/\b(?:tiny|minuscule)\b/i, 'tiny', [30, 20, 15]],
  [/\b(?:hand|palm|pocket|fist)[- ]?sized?\b/i, 'hand-sized', [180, 100, 60]],
  [/\bshoe ?box[- ]?sized?\b/i, 'the size of a shoebox', [330, 200, 120]],
  [/\b(?:huge|enormous|very large|very big|extra large|giant|bulky)\b/i, 'very large', [800, 500, 350]],
  [/\b(?:large|big)\b/i, 'large', [500, 350, 250]],
  [/\b(?:small|little|mini)\b/i, 'small', [90, 60, 35]],
  [/\bmedium(?:[- ]sized?)?\b/i, 'medium-sized', [250, 180, 100]],
];

export interface Compared {
  sizes: Sizes;
  /** From what it was guessed, in words. */
  from: string;
}

const NAMES = Object.keys(EVERYDAY)
  .sort((a, b) => b.length - a.length)
  .map((n) => n.replace(/ /g, String.raw`[\s-]+`));
const COMPARED = new RegExp(
  String.raw`\b(?:(?:about |roughly )?(?:as )?(?:big|large|long|thick|small|tall|wide) as|(?:about |roughly )?(?:in )?the size of|size of|the same size as|similar in size to|like)\s+(?:an?\s+|the\s+|my\s+)?(${NAMES.join('|')})s?\b`,
  'i',
);
const SIZED = new RegExp(String.raw`\b(${NAMES.join('|')})[- ]sized?\b`, 'i');

/** Takes a comparison out of a line; null when there is none. */
export function takeComparison(rest: Rest): Compared | null {
  const found = rest.take(COMPARED) ?? rest.take(SIZED);
  if (!found) return null;
  const said = found[1]!.toLowerCase().replace(/[\s-]+/g, ' ');
  const sizes = EVERYDAY[said] ?? Object.entries(EVERYDAY).find(([n]) => stem(n) === stem(said))?.[1];
  return sizes ? { sizes, from: `as big as ${/^[aeiou]/.test(said) ? 'an' : 'a'} ${said}` } : null;
}

/** A class of size named in a line; the word stays part of the name, but for "hand-sized" and its like. */
export function classOf(rest: Rest): Compared | null {
  for (const [words, name, sizes] of CLASSES) {
    if (!words.test(rest.text)) continue;
    if (/sized?/.test(String(words.source)) && /sized?\b/i.test(words.exec(rest.text)![0])) rest.take(words);
    return { sizes, from: `${name}, a class of size` };
  }
  return null;
}
