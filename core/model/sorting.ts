/** The maker's own way of sorting: what lies with what, what is shown, and the order inside a place. */
import { z } from 'zod';

/** What puts things together: homes by kind and zone, nothing but the time of a fetch, or one of the schools. */
export const WAY_WORDS = {
  home: 'By homes: kind and zone',
  quickest: 'Whatever is quickest',
  activity: 'By activity',
  kind: 'By kind of thing',
  colour: 'By colour, as in a rainbow',
  collection: 'By maker or collection',
  theme: 'By theme or occasion',
  alphabet: 'Alphabetical',
  size: 'By size',
} as const;
export type SortingWay = keyof typeof WAY_WORDS;
export const WAYS = Object.keys(WAY_WORDS) as SortingWay[];

export const SHOWN_WORDS = {
  'as it comes': 'As it comes',
  'in view': 'All in view',
  hidden: 'All behind doors and drawer fronts',
  'pretty in view': 'Pretty things in view, plain ones hidden',
} as const;
export type Shown = keyof typeof SHOWN_WORDS;
export const SHOWN = Object.keys(SHOWN_WORDS) as Shown[];

export const INSIDE_WORDS = {
  'most used': 'Most used first',
  rainbow: 'By colour',
  alphabet: 'Alphabetical',
  size: 'Largest first',
  maker: 'By maker or collection',
} as const;
export type InsideOrder = keyof typeof INSIDE_WORDS;
export const INSIDE_ORDERS = Object.keys(INSIDE_WORDS) as InsideOrder[];

/** A part of the supplies that is sorted in a way of its own: what is used most at a station, or a kind. */
const MixtureSchema = z
  .strictObject({
    station: z.string().max(64).nullable().default(null),
    kind: z.string().trim().max(60, 'A kind has at most 60 characters.').nullable().default(null),
    way: z.enum(WAYS),
  })
  .refine((m) => (m.station === null) !== (m.kind === null), {
    path: ['station'],
    message: 'A mixture names either a station or a kind of thing.',
  });

export const SortingSchema = z.strictObject({
  way: z.enum(WAYS).default('home'),
  shown: z.enum(SHOWN).default('as it comes'),
  inside: z.enum(INSIDE_ORDERS).default('most used'),
  /** What decides between those that are the same by the first: maker, then alphabet. */
  then: z.enum(INSIDE_ORDERS).default('most used'),
  /** The maker's own order of colours, as in a catalogue; empty takes the rainbow. */
  colours: z
    .array(z.string().trim().min(1).max(60, 'A colour has at most 60 characters.'))
    .max(300, 'At most 300 colours in an order.')
    .default([]),
  /** The first that matches a supply counts, before the way of the room. */
  mixtures: z.array(MixtureSchema).max(20, 'At most 20 mixtures.').default([]),
});

export type Mixture = z.infer<typeof MixtureSchema>;
export type Sorting = z.infer<typeof SortingSchema>;

/** How a plan is sorted when nothing was chosen yet. */
export const SORTING: Sorting = SortingSchema.parse({});
