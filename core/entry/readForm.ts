/** Which form a line speaks of, by its words: "rolls", "jars", "skeins", "beads". */
import { isRound } from '../fit/forms.ts';
import type { Form } from '../model/plan.ts';
import type { Kind } from './kinds.ts';
import type { Sizes } from './readMeasures.ts';

const words = (list: string) => new RegExp(String.raw`\b(?:${list})\b`, 'i');

const SHEETS = words(
  'sheets?|papers?|card|cards|cardstock|card stock|postcards?|prints?|envelopes?|vellum|acetate|mountboard|reams?|stickers?',
);
const NOT_SHEETS = words(
  'pads?|punch(?:es)?|trimmer|cutters?|knife|knives|clips?|rolls?|books?|boxes|glue|folders?|racks?|rods?|weights?',
);
const MACHINE = words(
  'machines?|heat press|laminators?|electronic cutters?|overlockers?|sergers?|scroll saws?|band saws?|kilns?|printers?',
);
const NOT_MACHINE = words(
  'needles?|oil|thread|feet|foot|plates?|blades?|mats?|bobbins?|paper|shel(?:f|ves)|covers?|parts|bags?',
);
const SET = /\bsets?\s+of\s+\d|\bsets?\s*$|\bkits?\s*$/i;
/** What hangs; folders for a file drawer stand in it on edge, side by side. */
const HUNG = words('hanging(?!\\s+(?:files?|folders?))|hung|to hang');
const LOOSE = words(
  'loose|beads?|screws?|screw eyes|nails|pins|buttons?|eyelets?|sequins?|jump rings?|hooks and eyes|snaps|snap fasteners|washers?|brads?|staples|tacks|grommets|rivets?|rhinestones?|pom ?poms?|googly eyes|charms?|crimps?|gems?',
);
const NOT_LOOSE = words('boxes|box|maker|press|punch|pliers|card|board|tool|tools');
const ROLLS = words('rolls?|reels?|spools?|bobbins?|cones?|tapes?|washi');
const NOT_ROLLS = words('tape measures?|measuring tapes?|dispensers?|rolling pins?|roll-up|tool rolls?');
const BOTTLES = words('bottles?|jars?|pots?|cans?|tins?|vials?|flasks?|sprays?|aerosols?');
const SOFT = words(
  'yarns?|skeins?|hanks?|balls? of|wool|fabrics?|cloths?|fleece|batting|wadding|stuffing|fat quarters?|remnants?|felt|lace|fur|fleeces?|cotton wool|roving',
);
const NOT_SOFT = words('scissors|shears|glue|pens?|markers?|paints?|needles?');

/** Container words that are left out of a name that says something without them. */
export const CONTAINER_WORDS =
  /\b(?:sheets?|rolls?|reels?|spools?|cones?|bottles?|jars?|pots?|cans?|tins?|skeins?|hanks?|balls?|bags?|packs?|packets?|boxes|box|pieces?|reams?|bolts?|coils?|stems?|tubes?|sachets?|sticks? of|loose|hanging(?!\s+(?:files?|folders?)))\b/gi;

/**
 * The form that the words of a line name.
 * @param sizes how many sizes were given: three of a jar make it a box
 * @param paper whether a paper size or a grammage was given
 */
function formOf(text: string, sizes: number, paper: boolean): Form | null {
  if (HUNG.test(text)) return 'hung';
  if (SET.test(text)) return 'set';
  if (MACHINE.test(text) && !NOT_MACHINE.test(text)) return 'machine';
  if (ROLLS.test(text) && !NOT_ROLLS.test(text)) return 'rolls';
  if (SHEETS.test(text) && (paper || /\bsheets?\b/i.test(text)) && !NOT_SHEETS.test(text)) return 'sheets';
  if (BOTTLES.test(text) && sizes < 3) return 'bottles';
  if (LOOSE.test(text) && !NOT_LOOSE.test(text)) return 'loose';
  if (SOFT.test(text) && !NOT_SOFT.test(text)) return 'soft';
  return null;
}

/** Whether a name is of paper or card, so that small bare numbers like 8.5 x 11 are inches in any plan. */
export function isPaper(text: string): boolean {
  return SHEETS.test(text) || /\bpaper pads?\b/i.test(text);
}

/** Comes by the yard and is rolled up once its length is typed. */
const BY_THE_YARD =
  /tape|ribbon|elastic|lace|trim|braid|binding|webbing|cord|twine|string|piping|vinyl|chain|wire|rope|bias/i;

/** Kinds of what is rolled up once its length is typed. */
const COMES_ON_ROLLS: ReadonlySet<string> = new Set(['trims', 'tapes', 'vinyl', 'wire', 'wrap', 'findings', 'packing']);

/** The form: as words say it that leave no doubt, else that of the kind, else by other words. */
export function formFor(body: string, sizes: Sizes, kind: Kind | null, paper: boolean): Form | undefined {
  const said = formOf(body, sizes.plain.length, paper);
  if (!kind || said === 'hung') return said ?? undefined;
  if (said === 'set' && kind.form !== 'pieces') return 'set';
  if (/\bsets? of \d/i.test(body)) return 'set';
  if (said === 'sheets' && /\bsheets?\b/i.test(body) && kind.form === 'soft') return 'sheets';
  if (/\bsheets?\b/i.test(body) && kind.form === 'rolls' && sizes.plain.length === 2) return 'sheets';
  if (
    said === 'rolls' &&
    ['soft', 'pieces', 'sheets'].includes(kind.form) &&
    /\b(?:rolls?|spools?|reels?)\b/i.test(body) &&
    !/roll/i.test(kind.name)
  )
    return 'rolls';
  // Three sizes of which no two are the same are those of a box, not of a roll or a bottle.
  const [a, b, c] = sizes.plain;
  const square = (x: number, y: number) => Math.abs(x - y) < 0.02 * x;
  if (c !== undefined && isRound(kind.form) && !square(a!, b!) && !square(b!, c) && !square(a!, c)) return 'pieces';
  const long = Math.max(0, ...sizes.plain, sizes.long ?? 0);
  if (said === 'sheets' && /\d\s+sheets?\b/i.test(body) && kind.form === 'pieces' && kind.thickness <= 15)
    return 'sheets';
  if (kind.form !== 'rolls' && COMES_ON_ROLLS.has(kind.category) && long >= 1400 && BY_THE_YARD.test(body))
    return 'rolls';
  return kind.form;
}

/** Two sizes of a sheet and a word for paper: a sheet even without a grammage. */
export function paperPair(sizes: Sizes, body: string): boolean {
  const [a, b] = sizes.plain;
  return sizes.plain.length === 2 && isPaper(body) && Math.min(a!, b!) > 90 && sizes.thick === undefined;
}
