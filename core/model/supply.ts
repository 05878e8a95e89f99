/** What is owned and where it lies: supplies, their uses, containers, placements and photographs as rows of the plan. */
import { z } from 'zod';
import {
  amount,
  count,
  day,
  defaultsOf,
  id,
  length,
  name,
  noSlot,
  optionalRef,
  ownRef,
  position,
  ref,
  slot,
} from './fields.ts';

const OrientationSchema = z.enum(['flat', 'edge', 'end']);
/** How a piece lies: flat (smallest side up), on edge (middle side up), on end (longest side up). */
export type Orientation = z.infer<typeof OrientationSchema>;

/** How a thing takes room; what the three sizes mean for each is said in fit/forms. */
export const FORMS = [
  'sheets',
  'pieces',
  'long',
  'rolls',
  'bottles',
  'soft',
  'hung',
  'loose',
  'set',
  'machine',
] as const;
export type Form = (typeof FORMS)[number];

/** What a thing asks of its place, and what it does to others. */
export const TRAITS = [
  'keep upright',
  'keep out of light',
  'keep from heat',
  'keep dry',
  'flammable',
  'sharp',
  'hot',
  'fragile',
  'dusty',
  'for a child',
  'not for a child',
  'keepsake',
  'keep in view',
  'pretty',
  'offcut',
  'sticks to a magnet',
] as const;
export type Trait = (typeof TRAITS)[number];

/** Ways in which a thing is wanted to stand or lie. */
export const STANDS = ['tips down', 'tips up', 'cap up', 'cap down', 'lid down', 'front out'] as const;

/** New things wait in the new bin until they have been used; retired ones lie behind the current ones. */
const LIVES = ['new', 'current', 'retired'] as const;

/** What a purge decides about a thing. */
export const DECISIONS = ['keep', 'seasonal', 'elsewhere', 'give away', 'undecided'] as const;
export type Decision = (typeof DECISIONS)[number];

const short = (what: string) => z.string().trim().max(60, `${what} has at most 60 characters.`).default('');

const supplies = z
  .strictObject({
    id,
    name: name('A supply'),
    category: z.string().trim().max(60, 'A kind has at most 60 characters.'),
    form: z.enum(FORMS),
    count: count('The count', 1, 1_000_000),
    /** Sizes of one sheet or piece, mm; what they mean for each form is said in fit/forms. */
    length: length('The length', 0.1, 6000),
    width: length('The width', 0.1, 6000),
    thickness: length('The thickness', 0.01, 3000),
    /** Grams a square metre; sheets only. */
    grammage: amount('The grammage', 5, 5000).nullable(),
    /** Grams a piece, when weighed or known; of sheets without one it is worked out from the grammage. */
    mass: amount('The mass', 0, 200_000).nullable(),
    orientations: z.array(OrientationSchema).min(1, 'At least one way to lie must be allowed.'),
    /** Whether what is fetched goes back to its place (a tool, a bottle of glue) or is used up by one fetch (a sheet). */
    goesBack: z.boolean(),
    /** Of what goes back and is used up: after how many fetches one of it is gone; null for what is not used up so. */
    lasts: amount('How many fetches one lasts', 1.01, 100_000).nullable().default(null),
    note: z.string().max(2000, 'A note has at most 2000 characters.'),
    traits: z.array(z.enum(TRAITS)).default([]),
    colour: short('A colour'),
    /** Maker's line or series it belongs to, in one's own words. */
    collection: short('A collection'),
    theme: short('A theme'),
    /** When in the year it is used; empty for all year. */
    season: short('A season'),
    /** How many of the count are spares; the rest is working stock. */
    backstock: count('The backstock', 0, 1_000_000).default(0),
    /** At this count or less it goes on the reorder list; null for never. */
    reorderAt: count('The reorder point', 0, 1_000_000).nullable().default(null),
    /** A name that things share that are used together and lie together: "machine and mats"; empty for none. */
    together: short('What it lies together with'),
    /** Pieces in one set; null when it is none or nobody counted. */
    parts: count('The pieces in a set', 1, 100_000).nullable().default(null),
    /** Whether any one of them will do or a certain one is wanted; null leaves it to the kind. */
    alike: z.enum(['alike', 'different']).nullable().default(null),
    /** Which way it stands, for its label and whoever puts it back; null where that is no matter. */
    stands: z.enum(STANDS).nullable().default(null),
    /** How many may lie on each other; null leaves it to the form. */
    stack: count('How many may lie on each other', 1, 10_000).nullable().default(null),
    /** Share of its loose volume that a soft thing takes when it is put away. */
    squeeze: amount('The share when put away', 0.1, 1).default(1),
    /** Room that a machine at work needs before, behind and above its body, mm: mat or cloth fed through, lid up. */
    workFront: length('The room before it', 0, 3000).default(0),
    workBack: length('The room behind it', 0, 3000).default(0),
    workAbove: length('The room above it', 0, 3000).default(0),
    /** What the purge decided; null when nothing was decided yet. */
    decision: z.enum(DECISIONS).nullable().default(null),
    /** Until when an undecided thing waits. */
    decideBy: day('The day to decide'),
    /** When it was last used, as far as known. */
    lastUsed: day('The day of the last use'),
    life: z.enum(LIVES).default('current'),
    /** Other words by which the maker looks for it, with commas between them. */
    alsoCalled: z.string().trim().max(200, 'Other words have at most 200 characters.').default(''),
    /** The home in which it lives; null lets the plan propose one. */
    home: optionalRef('homes'),
    /** From what its size was guessed ("usual size of scissors"; NOT_KNOWN where nothing is known); empty for one that was measured or confirmed. */
    sizeFrom: z.string().trim().max(120).default(''),
    /** It has no place today: it is hunted for each time. What is merely not noted yet is not. */
    hunted: z.boolean().default(false),
    /** From what its count was guessed; empty for one that was counted or confirmed. */
    countFrom: z.string().trim().max(120).default(''),
    /** How many of the count are still to be bought: they have a place in the plan and are nowhere yet. */
    toBuy: count('How many are still to be bought', 0, 1_000_000).default(0),
  })
  .refine((s) => s.toBuy <= s.count, { path: ['toBuy'], message: 'What is still to be bought is part of the count.' })
  .refine((s) => s.backstock <= s.count, { path: ['backstock'], message: 'The backstock is part of the count.' })
  .refine((s) => s.goesBack || s.lasts === null, {
    path: ['lasts'],
    message:
      'What does not go back is used up by one fetch: say that it goes back, or leave out how many fetches one lasts.',
  });

/** What a supply is when nothing else is said. */
export const SUPPLY_DEFAULTS = defaultsOf(supplies.shape);

const uses = z.strictObject({
  id,
  supply: ref('supplies'),
  activity: ref('activities'),
  /** How many times it is fetched in one session. */
  fetches: amount('Fetches a session', 0, 500),
  /** From what it was guessed that it is for this; empty for one that was said or confirmed. */
  guessedFrom: z.string().trim().max(120).default(''),
});

export const CONTAINER_KINDS = [
  'bin',
  'box',
  'basket',
  'tray',
  'jar',
  'tin',
  'binder',
  'file',
  'pouch',
  'carousel',
  'cup',
] as const;

/** How the inside of a container is divided: cells that face up or to the front, lanes, pages with pockets, pockets of a file, magnetic cards. */
export const DIVISIONS = ['not', 'cells', 'lanes', 'pages', 'pockets', 'cards'] as const;
const MOST_PARTS = 400;

/**
 * What a row says: as it is today, as it is planned, or lifted out during the move: then it stands on the floor
 * or a staging table, and its place is the one to which it goes.
 */
const state = z.enum(['today', 'planned', 'staged']);

/** Where a thing goes back to when its season comes; null for what is in its place. */
const returns = z
  .strictObject({
    unit: id,
    slot: z.string().max(12),
    /** The container in which it lies, or in which a container stands. */
    container: id.nullable().default(null),
    x: position('x').nullable().default(null),
    y: position('y').nullable().default(null),
    turned: z.boolean().default(false),
    orientation: OrientationSchema.nullable().default(null),
  })
  .nullable()
  .default(null);

/** What a container is, wherever it stands: what the library and own types say. */
const containerShape = {
  name: name('A container'),
  kind: z.enum(CONTAINER_KINDS),
  /** Outside sizes, mm: across, from front to back, up (with its lid). */
  width: length('The width', 10, 2000),
  depth: length('The depth', 10, 2000),
  height: length('The height', 5, 1500),
  /** Inside sizes, mm. */
  insideWidth: length('The inside width', 5, 2000),
  insideDepth: length('The inside depth', 5, 2000),
  insideHeight: length('The inside height', 2, 1500),
  /** None, one that lifts off, one that snaps shut, or one that is left off. */
  lid: z.enum(['none', 'on', 'snap', 'off']),
  /** Pulled out like a drawer and looked into, or carried to the table. */
  pulled: z.boolean(),
  seeThrough: z.boolean(),
  price: amount('The price', 0, 1_000_000).nullable(),
  /** Empty, g; null when not known. */
  mass: amount('The mass', 0, 100_000).nullable(),
  /** It has a lock, so that only those with the key get at what is in it. */
  keyLocked: z.boolean().default(false),
  /** How its inside is divided, with how many parts across, from front to back, and over each other (of a page its pockets). */
  divided: z.enum(DIVISIONS).default('not'),
  across: count('The number of parts across', 1, 200).default(1),
  along: count('The number of parts from front to back', 1, 100).default(1),
  over: count('The number of parts over each other', 1, 60).default(1),
  /** Thickness of the walls between the parts, mm. */
  divider: length('The thickness of a divider', 0, 2000).default(2),
  /** Inside sizes of one part as measured, mm; null works them out. */
  partWidth: length('The width of a part', 0.1, 2000).nullable().default(null),
  partDepth: length('The depth of a part', 1, 2000).nullable().default(null),
  partHeight: length('The height of a part', 1, 1500).nullable().default(null),
  /** Names of the parts in their order, from the front left; empty for one that goes by its number. */
  partNames: z
    .array(z.string().trim().max(60, 'The name of a part has at most 60 characters.'))
    .max(MOST_PARTS)
    .default([]),
};

/** The most parts of one container. */
const MOST_PARTS_WORDS = `A container has at most ${MOST_PARTS} parts.`;
const dividedWell = (c: z.infer<z.ZodObject<typeof containerShape>>, at: z.core.$RefinementCtx) => {
  const wrong = (field: string, message: string) => at.addIssue({ code: 'custom', path: [field], message });
  if (c.divided === 'not') return;
  if (c.across * c.along * c.over > MOST_PARTS) wrong('across', MOST_PARTS_WORDS);
  for (const [of, size, part, word] of [
    ['across', 'insideWidth', 'partWidth', 'width'],
    ['along', 'insideDepth', 'partDepth', 'depth'],
    ['over', 'insideHeight', 'partHeight', 'height'],
  ] as const) {
    // Pages lie on each other without walls between them.
    const walls = c.divided === 'pages' || c.divided === 'cards' ? 0 : (c[of] - 1) * c.divider;
    if (walls >= c[size])
      wrong('divider', `Its dividers take ${walls} mm; the box is ${c[size]} mm in ${word} inside.`);
    else if (walls + c[of] * (c[part] ?? 0) > c[size] + 0.01)
      wrong(part, `${c[of]} parts of ${c[part]} mm are larger than the ${c[size]} mm of ${word} inside.`);
  }
  const names = c.partNames.filter((n) => n !== '').map((n) => n.toLowerCase());
  const twice = names.find((n, i) => names.indexOf(n) !== i);
  if (twice !== undefined) wrong('partNames', `Two parts are called “${twice}”; each part has a name of its own.`);
};
const inside = (c: {
  width: number;
  depth: number;
  height: number;
  insideWidth: number;
  insideDepth: number;
  insideHeight: number;
}) => c.insideWidth <= c.width && c.insideDepth <= c.depth && c.insideHeight <= c.height;
const INSIDE = { path: ['insideWidth'], message: 'A container is no larger inside than outside.' };

/** What a kind of container is when nothing else is said. */
export const CONTAINER_DEFAULTS = {
  ...defaultsOf(containerShape),
  ...({ lid: 'none', pulled: false, seeThrough: false, price: null, mass: null } as const),
};

export const ContainerShapeSchema = z.strictObject(containerShape).refine(inside, INSIDE).superRefine(dividedWell);

const containers = z
  .strictObject({
    id,
    ...containerShape,
    /** Owned already; else it is on the shopping list. */
    owned: z.boolean().default(true),
    labelled: z.boolean().default(false),
    arrangement: state,
    /** The compartment it stands in. */
    unit: ref('units'),
    slot,
    /** The container it stands in; containers nest one level. */
    parent: optionalRef('containers'),
    /** Of a container of today: the planned one that it is; settled with the first move, null before. */
    becomes: optionalRef('containers'),
    /** Near left corner in its compartment, mm from the left and from the front; null lets the packing choose. */
    x: position('x').nullable().default(null),
    y: position('y').nullable().default(null),
    /** Turned by a quarter: its width lies from front to back. */
    turned: z.boolean().default(false),
    returns,
  })
  .refine(inside, INSIDE)
  .superRefine(dividedWell);

/** A kind of container that the maker measured and saved. */
const boxtypes = z.strictObject({ id, name: name('A type of container'), shape: ContainerShapeSchema });

const placements = z.strictObject({
  id,
  arrangement: state,
  supply: ref('supplies'),
  unit: ref('units'),
  /** Which compartment of the unit, for example "d2" (see core/furniture). */
  slot,
  /** The container in that compartment in which it lies; null for none. */
  container: optionalRef('containers'),
  count: count('The count', 1, 1_000_000),
  /** null leaves the choice to the fit. */
  orientation: OrientationSchema.nullable(),
  /** The first part of a divided place in which it lies, from 1; null leaves the choice to the fit. */
  part: count('The part', 1, MOST_PARTS).nullable().default(null),
  pinned: z.boolean(),
  /** Spares: they lie apart from the working stock, and are fetched only when that is used up. */
  spare: z.boolean().default(false),
  returns,
});

/** A place in which the maker never wants a supply. */
const bans = z.strictObject({
  id,
  supply: ref('supplies'),
  unit: ref('units'),
  /** A compartment of the unit; empty for the whole unit. */
  slot: noSlot,
});

/** What a place is kept for. */
export const KEPT_FOR = ['these', 'empty', 'clear', 'odds'] as const;
const keeps = z
  .strictObject({
    id,
    unit: ref('units'),
    slot,
    /** The container that is the place; null for the opening itself. */
    container: ownRef('containers'),
    /** For these things only; nothing, as room to grow; nothing, as a surface to work at; odds and ends. */
    for: z.enum(KEPT_FOR),
    /** Which things: kinds, collections or names. */
    things: z.array(z.string().trim().min(1).max(120)).max(40, 'At most 40 kinds in one place.').default([]),
    /** Odds and ends: the most lines, and the most litres. */
    lines: count('How many supplies', 1, 100).nullable().default(null),
    litres: amount('How many litres', 0.1, 1000).nullable().default(null),
  })
  .refine((k) => k.for !== 'these' || k.things.length > 0, {
    path: ['things'],
    message: 'Say for which things the place is kept: a kind, a collection or a name.',
  })
  .refine((k) => k.for !== 'odds' || k.lines !== null || k.litres !== null, {
    path: ['lines'],
    message: 'Odds and ends have a limit: how many supplies, or how many litres.',
  });

/** A photograph of a thing, or of a place; the picture itself is kept beside the plan. */
const photos = z
  .strictObject({
    id,
    supply: ownRef('supplies'),
    unit: ownRef('units'),
    /** A compartment of the unit; empty for the whole unit. */
    slot: noSlot,
    type: z.enum(['image/jpeg', 'image/png', 'image/webp']),
    width: count('The width of a photograph', 1, 20_000),
    height: count('The height of a photograph', 1, 20_000),
    taken: day('The day of a photograph'),
    caption: z.string().trim().max(200, 'A caption has at most 200 characters.').default(''),
  })
  .refine((p) => (p.supply === null) !== (p.unit === null), {
    path: ['supply'],
    message: 'A photograph shows either a supply or a place.',
  });

export const SUPPLY_TABLES = { supplies, uses, boxtypes, containers, placements, photos, bans, keeps };
export const SupplySchema = supplies;

export type ContainerShape = z.infer<typeof ContainerShapeSchema>;
/** The two states that are looked at; what is staged lies in neither. */
export type Arrangement = 'today' | 'planned';
export type Return = NonNullable<z.infer<typeof placements>['returns']>;
