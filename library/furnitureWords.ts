/**
 * Furniture as makers name it: titles of the library | words that mean them. General words of the trade (common practice, no
 * source). Of several titles that a word could mean, the one with the longest phrase is meant.
 */
import { stem, stems } from '@heronstone/core/entry/comparableWords.ts';

const TEXT = `
Work table | table, desk, sewing table, sewing desk, craft table, craft desk, writing desk, computer desk, workbench, work bench, bench top, work top, hobby table, dining table, kitchen table, drawing table, drafting table, sewing cabinet, painting table, drawing desk, worktable
Side table | packing table, photo table, small table, end table, coffee table
Standing worktop | counter, countertop, counter top, cutting table, worktop, island, standing desk, high table, breakfast bar, cutting counter, kitchen counter, high desk
Folding table on wheels | folding table, trestle table, card table, fold up table, folding cutting table
Raised top | hutch, riser, monitor stand, desk shelf
Fold-down wall top | wall table, drop leaf, fold down table, wall desk
Slim drawer unit | drawers, drawer unit, slim drawers, small drawers, set of drawers, drawer cabinet
Tall drawer unit | tall drawers, tower of drawers, tall drawer tower, high drawers
Wide drawer unit | drawer chest, chest of drawers, dresser, bureau, commode, sideboard, wide drawers, tallboy, buffet
Drawers of two widths | mixed drawers, apothecary chest
Flat drawers | plan chest, flat file, map chest, map drawers, paper drawers, print drawers
Hanging files | filing cabinet, file cabinet, file drawers, filing drawers
Under-desk drawers | pedestal, desk drawers, drawers under the desk, under desk drawers
Cube shelf | cubes, cube unit, cube storage, cubbies, cubby, cubby shelf, cube bookcase, cube organizer, cube organiser, square shelves
Low cube shelf | low cubes, bench cubes
Bookcase | bookshelf, shelves, shelving, shelf unit, shelving unit, shelf, book shelf, ladder shelf, metal shelves, open shelves
Paper rack | paper trays, paper tray, letter trays, paper organizer, paper organiser, literature sorter, paper shelf, paper holder, paper shelves, paper sorter
Paper slots | paper insert
Under-table shelf | under table shelf, shelf under the table
Tall cabinet with doors | closet, wardrobe, cupboard, armoire, cabinet, linen closet, storage cabinet, pantry, tall cupboard
Base cabinet | base unit, kitchen cabinet, kitchen unit, low cupboard
Wall cabinet | wall cupboard, medicine cabinet, wall unit
Cabinet with sliding doors | sliding cabinet, credenza
Wall shelf | wall shelves, floating shelf, floating shelves, shelf on the wall
Ledge | picture ledge, picture rail, narrow shelf
Ledge rack | ledges, paint rack, bottle rack, nail polish rack, spice rack
Pegboard | peg board, tool board, pin board with hooks
Rail with hooks | hooks, hook rail, coat rack, coat hooks, peg rail, row of hooks
Rail with rods | rods, ribbon rail, ribbon rack, ribbon holder, curtain rod, dowel rail, wrapping paper rail, vinyl rack, wrap rail, paper roll holder, rail for rolls
Magnetic strip | magnet strip, knife rack, magnet bar, magnetic bar
Magnetic sheet | magnetic board, magnet board, die board
Thread rack | thread stand, spool rack, thread holder, spool holder, thread board, bobbin rack
Pad rack | ink pad rack, ink rack, ink pad holder, ink storage, ink pad storage
Marker rack | pen rack, marker holder, marker storage, pen holder wall, pencil rack
Edge clamp | clamp
Leaning rack | canvas rack, board rack, mat rack, art rack
Door-back rack | door rack, over door rack, door organizer, door organiser, shoe organizer, shoe organiser, back of the door
Two-tier cart | low cart, two tier cart
Three-tier cart | cart, trolley, utility cart, rolling cart, craft cart, tier cart, tier trolley, tea trolley, wheeled cart
Four-tier cart | slim cart, narrow cart, four tier cart
Drawer cart | drawer carts, rolling drawers, drawers on wheels, cart with drawers, drawer trolley, plastic drawers
Carousel | spinner, turntable organizer, rotating organizer, lazy susan, turning tower
Tool caddy | caddy, tote caddy
Table-top tiers | ink tiers, paint steps, stepped rack
Drawer tower | small drawer tower, parts cabinet, small parts drawers, bead drawers, hardware drawers
Trunk | chest, ottoman, blanket box, toy box, storage trunk, hope chest, storage chest
Bench with a lid | storage bench, bench, window seat
Tall bin | umbrella stand, roll bin, tall basket
Open bin | bins, bin, baskets, basket, storage box, storage boxes, crates, crate, tubs, bins under the table, totes, plastic boxes, laundry basket
Armchair | easy chair, recliner, rocking chair, reading chair, comfy chair
Chair | stool, swivel chair, office chair, seat, dining chair
Sofa | couch, settee, loveseat, love seat
Sofa bed | futon, sleeper sofa, pull out couch
Bed | guest bed, single bed, twin bed, bunk bed
Daybed | day bed, trundle bed
Ironing board | ironing table
Corner cabinet | corner cupboard, corner unit
`;

interface Phrase {
  title: string;
  stems: readonly string[];
}

/** Every phrase with its title, the longest first. */
const PHRASES: readonly Phrase[] = TEXT.trim()
  .split('\n')
  .flatMap((line) => {
    const [title, words] = line.split('|').map((c) => c.trim()) as [string, string];
    return [title, ...words.split(',')].map((w) => ({ title, stems: stemsOf(w) }));
  })
  .sort((a, b) => b.stems.length - a.stems.length);

/** Stems of a phrase of furniture: "shelves" is "shelf", "on", "with" and the like say nothing. */
export function stemsOf(text: string): string[] {
  return stems(
    text
      .replace(/cases\b/gi, 'case')
      .replace(/\b(?:under|on|at|back|old|big|small|large|little|wooden|white|black|nice)\b/gi, ' '),
  );
}

/** The titles of the library in the order of how well words name them: all words of a phrase, then most of them. */
export function titlesFor(words: readonly string[]): string[] {
  const last = words.at(-1);
  const scored = PHRASES.map(({ title, stems: phrase }) => {
    const hit = phrase.filter((w) => words.includes(w)).length;
    const whole = hit === phrase.length && phrase.includes(last!);
    return {
      title,
      score: (whole ? 10 : 0) + (2 * hit) / (phrase.length + words.length) + (whole ? phrase.length : 0),
    };
  }).sort((a, b) => b.score - a.score);
  return [...new Set(scored.filter((s) => s.score > 0).map((s) => s.title))];
}

/** Whether what is typed means a text of the library: begins words of it, or is another word for it. */
export function meansFurniture(typed: string, text: string): boolean {
  const words = typed
    .toLowerCase()
    .replace(/[^\p{L}\p{N}]+/gu, ' ')
    .trim();
  const all = ` ${text.toLowerCase().replace(/[^\p{L}\p{N}]+/gu, ' ')}`;
  if (words === '' || all.includes(` ${words}`)) return true;
  if (words.length < 3) return false;
  return PHRASES.some(
    ({ title, stems: phrase }) =>
      all.startsWith(` ${title.toLowerCase().replace(/[^\p{L}\p{N}]+/gu, ' ')}`) &&
      phrase.some(
        (w) => w.startsWith(stem(words)) || (words.includes(' ') && stemsOf(words).join(' ') === phrase.join(' ')),
      ),
  );
}

export const meansSeat = (typed: string): boolean => {
  const words = typed.trim().toLowerCase();
  return (
    words.length >= 3 && ['chair', 'stool', 'seat', 'swivel'].some((s) => s.startsWith(words) || words.startsWith(s))
  );
};

/** The title that is meant beyond doubt: all words of one of its phrases were said, the last of them last. */
export function sureOf(words: readonly string[], titles: readonly string[]): string | null {
  const [best] = titles;
  const last = words.at(-1);
  if (best === undefined || last === undefined) return null;
  const whole = PHRASES.some(
    (p) => p.title === best && p.stems.includes(last) && p.stems.every((w) => words.includes(w)),
  );
  return whole ? best : null;
}

/** Three titles to choose from, by words that are shared and by letters that are alike. */
export function nearestTo(name: string, found: readonly string[]): string[] {
  const pairs = (t: string) => new Set([...t.toLowerCase()].slice(1).map((c, i) => t.toLowerCase()[i]! + c));
  const own = pairs(name);
  const alike = (t: string) => {
    const theirs = pairs(t);
    return (2 * [...own].filter((p) => theirs.has(p)).length) / (own.size + theirs.size || 1);
  };
  const all = [...new Set(PHRASES.map((p) => p.title))].sort((a, b) => alike(b) - alike(a));
  return [...new Set([...found, ...all])].slice(0, 3);
}
