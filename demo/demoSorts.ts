/** What the demo's supplies look like and belong to: colour, collection, theme, what lies together, what is pretty. All made up. */
import type { Supply } from '@heronstone/core/model/plan.ts';

type Words = 'colour' | 'collection' | 'theme' | 'together';

const WORDS: Readonly<Record<Words, Readonly<Record<string, string>>>> = {
  colour: {
    red: 'ribbon-rolls velvet-remnants rags ink-pads',
    orange: 'masking-tape glue-sticks ',
    gold: 'gold-braid gold-leaf-booklets brass-nails fringe',
    yellow: 'felt-sheets pencils modelling-wax',
    green: 'cutting-mat-a3 double-sided-tape water-pots',
    blue: 'linen press-cloths chalk-pencils markers',
    violet: 'silk-scraps lining-fabric',
    pink: 'yarn-bright pinking-shears pincushion',
    brown:
      'leather-scraps leather-washers walnut-offcuts yarn-brown-and-grey wig-hair-mohair raffia packing-tape newspaper-strips fake-fur',
    white: 'card-a3-white lace-trims cotton-cord-thick  paper-pulp-dry tissue-paper primer foam-board-a3',
    clear: 'varnish-clear varnish-matt fishing-line spray-fixative solvent paper-glue',
    black: 'marionette-cord-black fineliners dip-pens inks waxed-thread',
    many: 'cotton-prints sewing-thread overlock-thread-cones acrylics-bottled pigments-in-jars gouache-tubes card-a4-coloured decorated-papers-a4 scenery-prints-a3 figure-prints-a4 buttons',
  },
  collection: {
    'Old stage': 'scenery-prints-a3 figure-prints-a4 toy-theatre-frames patterns-theatre stage-lamps sheets-a2',
    'Fair line':
      'small-gift-boxes price-tags labels-printed fair-boxes-folded shop-receipts finished-hand-puppets finished-marionettes',
    'Bench set': 'gouges carving-knives rasps rifflers mallet sharpening-stones strop',
    'Studio colours': 'acrylics-bottled pigments-in-jars gouache-tubes inks primer varnish-clear varnish-matt',
    'Costume box':
      'velvet-remnants cotton-prints silk-scraps linen lining-fabric fake-fur gold-braid fringe lace-trims ribbon-rolls',
  },
  theme: {
    'Winter play': 'fake-fur silk-scraps yarn-brown-and-grey stage-lamps tissue-paper lining-fabric',
    'Summer fair':
      'small-gift-boxes price-tags labels-printed fair-boxes-folded packing-tape finished-hand-puppets finished-marionettes shop-receipts',
    Kings: 'gold-braid gold-leaf-booklets velvet-remnants glass-eyes-large fringe wig-hair-mohair',
    Forest: 'raffia leather-scraps linen walnut-offcuts yarn-bright felt-sheets dowels-300-mm',
    'Toy theatre':
      'scenery-prints-a3 figure-prints-a4 toy-theatre-frames patterns-theatre card-a3-white sheets-a2 foam-board-a3 ink-pads',
  },
  together: {
    'ink and pens': 'inks dip-pens',
    'glue gun': 'glue-gun glue-sticks',
    'drill and bits': 'hand-drill drill-bits',
    'paste bowls': 'mixing-bowls paste-brushes wheat-paste-powder',
    'knife and blades': 'craft-knives spare-blades',
  },
};
const PRETTY =
  'glass-eyes-small glass-eyes-large ribbon-rolls pigments-in-jars sewing-thread yarn-bright finished-hand-puppets toy-theatre-frames gold-braid';

/** The words of one supply. */
export function sortsOf(id: string): Partial<Supply> {
  const words: Partial<Record<Words, string>> = {};
  for (const [field, values] of Object.entries(WORDS) as Array<[Words, Readonly<Record<string, string>>]>)
    for (const [value, ids] of Object.entries(values)) if (ids.split(' ').includes(id)) words[field] = value;
  return words;
}

export const isPretty = (id: string): boolean => PRETTY.split(' ').includes(id);
