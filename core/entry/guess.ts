/**
 * What nobody typed about a thing, guessed: from its kind, from what it is kept in, from a comparison, from its weight, the
 * volume of its bottle, or the yards of cloth. Every guess says from what it is.
 */
import { isRound } from '../fit/forms.ts';
import { howMany, formatLength, roundGuess, type UnitSystem } from '../model/measure.ts';
import { NOT_KNOWN } from '../model/guessed.ts';
import type { Form, Supply } from '../model/plan.ts';
import type { Compared } from './comparisons.ts';
import { HOLDER_WORDS, holderOf } from './holders.ts';
import type { Kind } from './kinds.ts';
import type { Held } from './readCounts.ts';
import type { Sizes } from './readMeasures.ts';

type Three = [length: number, width: number, thickness: number];
type Draft = Partial<Omit<Supply, 'id'>>;

/** What stands for a size of which nothing is known: something hand-sized, mm. Asked for again. */
export const UNKNOWN_SIZE: Three = [120, 80, 40];
/** Share of a holder that its content fills, by form; loose things as in fit/forms, the others common practice, no source. */
const FILLS: Readonly<Record<Form, number>> = {
  sheets: 0.3,
  pieces: 0.55,
  long: 0.5,
  rolls: 0.65,
  bottles: 0.5,
  soft: 0.85,
  hung: 0.5,
  loose: 0.6,
  set: 0.6,
  machine: 0.6,
};
/** A bottle is about a quarter larger outside than what it holds. Common practice, no source. */
const GLASS = 1.25;

/** Sheets and cards as they are bought in each system: by their ISO size, mm, the one in inches. */
const AMERICAN: ReadonlyArray<readonly [iso: readonly [number, number], american: readonly [number, number]]> = [
  [
    [594, 420],
    [558.8, 431.8],
  ],
  [
    [420, 297],
    [431.8, 279.4],
  ],
  [
    [297, 210],
    [279.4, 215.9],
  ],
  [
    [210, 148],
    [215.9, 139.7],
  ],
  [
    [148, 105],
    [152.4, 101.6],
  ],
  [
    [152, 102],
    [152.4, 101.6],
  ],
  [
    [162, 114],
    [146.05, 111.125],
  ],
  [
    [178, 127],
    [177.8, 127],
  ],
  [
    [85, 55],
    [88.9, 50.8],
  ],
];

/** The usual sizes of a kind, round in the maker's units; paper in the sizes that are sold there. */
export function usualSizes(
  kind: Pick<Kind, 'name' | 'form' | 'length' | 'width' | 'thickness'>,
  system: UnitSystem,
): Three {
  const { length, width, thickness } = kind;
  const paper =
    system === 'imperial'
      ? AMERICAN.find(([[l, w]]) => Math.abs(l - length) < 1 && Math.abs(w - width) < 1)
      : undefined;
  if (paper && (kind.form === 'sheets' || /A[2-6]\b/.test(kind.name)))
    return [...paper[1], kind.form === 'sheets' ? thickness : roundGuess(thickness, system)];
  if (kind.form === 'sheets' && isInches(length)) return [length, width, thickness];
  const round = (mm: number) => roundGuess(mm, system);
  return [round(length), round(width), kind.form === 'sheets' ? thickness : round(thickness)];
}

const isInches = (mm: number) => Math.abs(mm / 25.4 - Math.round((mm / 25.4) * 4) / 4) < 1e-6;

/** Volume of one, mm³, as it lies among others. */
function bulk([length, width, thickness]: Three, form: Form): number {
  return length * width * Math.max(thickness, 0.05) * (form === 'soft' ? 0.8 : 1);
}

/** How many of a kind a holder or a volume takes; null when that cannot be reckoned. Two figures are enough for a guess. */
export function countIn(litres: number, sizes: Three, form: Form): number {
  const many = (litres * 1e6 * FILLS[form]) / bulk(sizes, form);
  const step = 10 ** Math.max(0, Math.floor(Math.log10(Math.max(1, many))) - 1);
  return Math.min(1_000_000, Math.max(1, Math.round(many / step) * step));
}

/** How many things are in what holds them, as a guess; null where the holders themselves are counted. */
export function countHeld(
  held: Held,
  kind: Kind | null,
  sizes: Three,
  form: Form,
): { count: number; from: string } | null {
  if (!kind || form === 'bottles' || form === 'set' || form === 'machine' || form === 'hung') return null;
  const what = `${howMany(held.number, held.word, plural(held.word))}`;
  const known = held.litres !== null || held.holder.sized;
  if (known && (form === 'loose' || form === 'soft' || form === 'rolls' || form === 'sheets' || isSmall(sizes)))
    return {
      count: held.number * countIn(held.litres ?? held.holder.litres, sizes, form),
      from: `${what}, as many as fit`,
    };
  if (kind.pack) return { count: held.number * kind.pack, from: `${what} of ${kind.pack}, as usual` };
  if (form === 'loose')
    return { count: held.number * countIn(held.holder.litres, sizes, form), from: `${what}, as many as fit` };
  return null;
}

const isSmall = (sizes: Three) => sizes[0] * sizes[1] * sizes[2] < 4e5;
export const plural = (word: string) => (/(?:x|s)$/.test(word) ? `${word}es` : `${word}s`);

/** A bottle of a volume in millilitres, in the proportions of its kind; else two and a half times as high as wide, a jar as high as wide. */
export function bottleOf(ml: number, kind: Kind | null, jar: boolean, system: UnitSystem): Three {
  const slender = kind?.form === 'bottles' ? kind.length / kind.width : jar ? 1.3 : 2.5;
  const across = Math.cbrt((4 * ml * 1000 * GLASS) / (Math.PI * slender));
  const round = (mm: number) => roundGuess(mm, system);
  return [round(across * slender), round(across), round(across)];
}

/** One thing of another weight than usual: as much larger in each direction as the cube root of its weight. */
export function scaledBy(sizes: Three, ratio: number, system: UnitSystem): Three {
  const by = Math.cbrt(Math.min(60, Math.max(1 / 60, ratio)));
  return sizes.map((mm) => roundGuess(mm * by, system)) as Three;
}

/** Thickness of one layer of cloth folded away, with the air between, mm. Common practice, no source. */
const CLOTH: ReadonlyArray<readonly [RegExp, number]> = [
  [/batting|wadding/i, 6],
  [/fleece|sherpa|fur\b|plush/i, 3],
  [/felt/i, 1.5],
  [/velvet|denim|canvas|linen|wool|corduroy|tweed|leather|towelling/i, 1.1],
  [/interfacing|tulle|organza|chiffon|lining/i, 0.6],
];
const COTTON = 0.8;
/** Cloth off the bolt, where nobody says how wide, mm. */
const BOLT = 1100;

/** A length of cloth off the bolt, folded as it is put away: 30 x 20 cm (12 x 8 in), or 40 x 30 where that would be a tower. */
export function foldedCloth(long: number, wide: number | undefined, words: string, system: UnitSystem): Three {
  const layer = CLOTH.find(([w]) => w.test(words))?.[1] ?? COTTON;
  const volume = long * (wide ?? BOLT) * layer;
  const [l, w] = volume / (300 * 200) > 120 ? [400, 300] : [300, 200];
  return [roundGuess(l, system), roundGuess(w, system), Math.max(roundGuess(volume / (l * w), system), 3)];
}

/** In which unit a bare outline was meant, when read in the plan's own it would be several times the usual size. */
export function likelyUnit(
  plain: readonly number[],
  kind: Kind,
  system: UnitSystem,
): { times: number; word: string } | null {
  const most = Math.max(...plain);
  const off = (times: number) => Math.abs(Math.log((most * times) / kind.length));
  if (off(1) < Math.log(4)) return null;
  const others =
    system === 'imperial'
      ? [
          { times: 10 / 25.4, word: 'cm' },
          { times: 1 / 25.4, word: 'mm' },
        ]
      : [
          system === 'metric' ? { times: 10, word: 'cm' } : { times: 0.1, word: 'mm' },
          { times: system === 'metric' ? 25.4 : 2.54, word: 'inches' },
        ];
  const [best] = others.sort((a, b) => off(a.times) - off(b.times));
  return off(best!.times) < Math.log(2.2) ? best! : null;
}

/** How thick a roll of paper usually is, mm. */
const ROLL = 65;

/** The shape of a kind in another form: a roll of what usually lies folded, a jar of what usually lies loose. */
function inForm(kind: Kind, sizes: Three, form: Form): Three {
  if (!isRound(form) || isRound(kind.form)) return sizes;
  if (kind.form === 'sheets') return [sizes[0], ROLL, ROLL];
  const across = Math.sqrt((4 * sizes[1] * sizes[2]) / Math.PI);
  return [sizes[0], Math.round(across), Math.round(across)];
}

/**
 * Fills in the sizes that were not typed.
 * @returns from what they were guessed, in words; null when all were typed
 */
export function guessSizes(
  supply: Draft,
  kind: Kind | null,
  typed: Sizes,
  compared: Compared | null,
  held: Held | null,
  system: UnitSystem,
): string | null {
  const given = [supply.length, supply.width, supply.thickness].filter((v) => v !== undefined).length;
  const form = supply.form!;
  if (given === 3) return null;
  const take = (sizes: Three) => {
    supply.length ??= sizes[0];
    supply.width ??= sizes[1];
    supply.thickness ??= isRound(form) ? supply.width : sizes[2];
  };
  const rounded = (sizes: Three) => sizes.map((mm) => roundGuess(mm, system)) as Three;
  if (given === 0 && compared && (!kind || !/class of size/.test(compared.from))) {
    const [l, w, t] = compared.sizes;
    take(rounded(isRound(form) ? [l, w, w] : [l, w, t]));
    return compared.from;
  }
  // A bucket of clay is as large as its bucket.
  if (kind && given === 0 && held && held.litres !== null && form === 'pieces' && !kind.pack) {
    take(bottleOf(held.litres * 1000, null, true, system));
    return `a ${held.word} of its size`;
  }
  if (kind && given === 0 && form === 'set' && kind.form !== 'set') {
    const many = supply.parts ?? null;
    take(rounded(many === null ? KIT : caseOf(usualSizes(kind, system), many)));
    return many === null ? 'a usual kit' : `${many} of the usual size in a case`;
  }
  if (kind) {
    const usual = inForm(kind, usualSizes(kind, system), form);
    take(given === 0 ? usual : proportions(supply, usual, typed, form));
    return `usual size of ${kind.name.toLowerCase()}`;
  }
  if (given === 0 && held) {
    const [l, w, h] = held.holder.size;
    take(held.litres === null ? rounded([l, w, h]) : bottleOf(held.litres * 1000, null, true, system));
    return `as large as a usual ${held.word}`;
  }
  if (given === 0 && form === 'set') {
    take(rounded(KIT));
    return 'a usual kit';
  }
  const called = given === 0 ? holderNamed(supply.name ?? '') : null;
  if (called) {
    take(rounded([...called.holder.size]));
    return `as large as a usual ${called.word}`;
  }
  if (given === 0 && form === 'bottles') {
    take([110, 50, 50].map((mm) => roundGuess(mm, system)) as Three);
    return 'a usual bottle or jar';
  }
  if (given === 0) {
    take(UNKNOWN_SIZE.map((mm) => roundGuess(mm, system)) as Three);
    return NOT_KNOWN;
  }
  const [l, w] = [supply.length ?? supply.width!, supply.width];
  if (isRound(form)) take([l, w ?? (form === 'rolls' ? roundGuess(60, system) : roundGuess(l / 2, system)), 0]);
  else if (w === undefined) take([l, roundGuess(l * 0.7, system), roundGuess(l * 0.5, system)]);
  else take([l, w, Math.max(2, roundGuess(w * 0.05, system))]);
  return w === undefined ? `in proportion to ${formatLength(l, system)}` : 'a usual thickness';
}

/** A kit or set in its case, mm. Common practice, no source. */
const KIT: Three = [250, 180, 60];

/** A number of things side by side and on top of each other in a case. */
function caseOf([l, w, t]: Three, many: number): Three {
  const across = Math.max(1, Math.ceil(Math.sqrt((many * t) / w)));
  const sizes = [l + 10, across * w + 5, Math.ceil(many / across) * t + 5].sort((a, b) => b - a);
  return sizes as Three;
}

/** The holder that a name ends with: a sewing box is a box. */
function holderNamed(name: string): ReturnType<typeof holderOf> | null {
  const last = new RegExp(String.raw`(?<![\w-])(${HOLDER_WORDS})\s*$`, 'i').exec(name);
  return last ? holderOf(last[1]!) : null;
}

/** A usual length, as thick as typed. */
function thickness(supply: Draft, l: number, one: number): Three {
  supply.length = l;
  return [l, one, one];
}

/** What is missing of sizes of which some were typed, from the proportions of the kind. */
function proportions(supply: Draft, usual: Three, typed: Sizes, form: Form): Three {
  const [l, w, t] = usual;
  const one = supply.length;
  if (one === undefined || supply.width !== undefined || isRound(form)) return usual;
  const flat = w / t >= 3;
  // A stick of 11 mm is as thick as that, not as long.
  if (l / w >= 3 && !flat && Math.abs(Math.log(one / w)) < Math.abs(Math.log(one / l)))
    return thickness(supply, l, one);
  // What is as wide as long is so in any size: hoops, tiles, balls.
  if (l / w < 1.15) return w / t < 1.15 ? [one, one, one] : [one, one, form === 'loose' && flat ? (t * one) / l : t];
  return typed.thick === undefined && one < w ? [one, Math.min(w, one), Math.min(t, one)] : usual;
}
