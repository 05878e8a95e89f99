/** Small things that are used together and lie together, a set a line, by the names of their kinds. Common practice, no source. */
import { stems } from '@heronstone/core/entry/comparableWords.ts';

const TEXT = `
Machine bits: Bobbin; Bobbin case; Machine needle; Sewing machine needle; Presser foot; Walking foot; Sewing foot; Machine foot
Rotary cutter: Rotary cutter; Roller cutter; Rotary blade
Knitting notions: Stitch marker; Row counter; Darning needle; Needle gauge; Cable needle; Stitch holder
Pliers: Pliers; Round-nose pliers; Round nose pliers; Flat-nose pliers; Flat nose pliers; Crimping pliers; Flush cutters; Flush cutter; Side cutters; Wire cutters
Clay tools: Clay tool; Modelling tool; Modeling tool; Sculpting tool; Clay cutter; Texture mat; Texture sheet; Clay blade
UV resin: UV resin; UV lamp; UV light; Curing lamp
Craft knife: Craft knife; Hobby knife; Scalpel; Precision knife; Craft knife blade; Hobby blade; Scalpel blade; Knife blade
Dies and folders: Die; Metal die; Thin die; Cutting die; Embossing folder; 3D folder
Brushes and palettes: Paint brush; Paintbrush; Watercolour brush; Wide brush; Flat brush; Palette; Palette knife; Paint palette
Printing tools: Lino cutter; Lino tool; Linocut tool; Brayer; Ink roller; Lino roller; Roller; Baren
Bookbinding tools: Bookbinding needle; Bookbinding thread; Linen thread; Waxed thread; Waxed linen; Awl; Bradawl; Beeswax; Thread wax
Gift trims: Gift tag; Bow; Gift bow; Curling ribbon
`;

const keyOf = (name: string): string => stems(name).join(' ');

const SETS: ReadonlyMap<string, string> = new Map(
  TEXT.trim()
    .split('\n')
    .flatMap((line) => {
      const [set, names] = line.split(': ') as [string, string];
      return names.split('; ').map((name) => [keyOf(name), set] as const);
    }),
);

/** The set of which a kind is, by the name of the kind; null for what lies by itself. */
export const usedTogether = (name: string): string | null => SETS.get(keyOf(name)) ?? null;
