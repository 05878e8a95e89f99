/**
 * Lines as people write them standing at a shelf: metric and inches, counts before and after, packs, stacks, weights.
 * Sizes in mm in the order of the form (see fit/forms); a size of 0 is not looked at. Wording varied on purpose.
 */
import type { Form } from '@heronstone/core/model/plan.ts';

export interface Example {
  line: string;
  name: string;
  count: number;
  form: Form;
  size: readonly [number, number, number];
  more?: { mass?: number; grammage?: number; backstock?: number; parts?: number };
  imperial?: true;
}

const e = (
  line: string,
  name: string,
  count: number,
  form: Form,
  size: Example['size'],
  more?: Example['more'],
): Example => ({ line, name, count, form, size, ...(more ? { more } : {}) });
const inches = (x: Example): Example => ({ ...x, imperial: true });

export const LINES: readonly Example[] = [
  // Stacks, weights and packs of paper
  e('38 mm of A4 card 220 gsm', 'Card', 140, 'sheets', [297, 210, 0.2706], { grammage: 220 }),
  e('a 4 cm stack of A4 80gsm copy paper', 'Copy paper', 406, 'sheets', [297, 210, 0.0984], { grammage: 80 }),
  e('stack of black card A3, 300 gsm, 25 mm high', 'Black card', 67, 'sheets', [420, 297, 0.369], { grammage: 300 }),
  e('2.5 kg of A4 paper 80 g/m2', 'Paper', 501, 'sheets', [297, 210, 0.0984], { grammage: 80 }),
  e('4 packs of 25 sheets pearl card A4 250gsm', 'Pearl card', 100, 'sheets', [297, 210, 0.3075], { grammage: 250 }),
  e('Kraft cardstock 12x12, 3 packs of 24', 'Kraft cardstock', 72, 'sheets', [304.8, 304.8, 0], {}),
  e('80 lb cover white 8.5 x 11 - 150 sheets', 'White', 150, 'sheets', [279.4, 215.9, 0.2657], { grammage: 216 }),
  e('65lb cardstock letter 250 ct', 'Cardstock', 250, 'sheets', [279.4, 215.9, 0], { grammage: 176 }),
  e('ream of A4 printer paper 90 gsm', 'Printer paper', 500, 'sheets', [297, 210, 0.1107], { grammage: 90 }),
  e('1,200 sheets paper A4 80 gsm', 'Paper', 1200, 'sheets', [297, 210, 0.0984], { grammage: 80 }),
  e('1 200 sheets A5 100gsm cream', 'Cream', 1200, 'sheets', [210, 148, 0.123], { grammage: 100 }),
  e('watercolour paper 56 x 76 cm 300gsm 20 sheets', 'Watercolour paper', 20, 'sheets', [760, 560, 0.369], {
    grammage: 300,
  }),
  e('50 sheets of vellum A4 112 gsm', 'Vellum', 50, 'sheets', [297, 210, 0.1378], { grammage: 112 }),
  e('tissue paper 500 x 380, 18 gsm, 100 sheets', 'Tissue paper', 100, 'sheets', [500, 380, 0.0221], { grammage: 18 }),
  e('envelopes C6 x 200', 'Envelopes', 200, 'sheets', [162, 114, 0]),
  e('75 A7 envelopes 120 gsm', 'Envelopes', 75, 'sheets', [184.15, 133.35, 0.38376], { grammage: 120 }),
  e('25 DL envelopes ivory', 'Envelopes ivory', 25, 'sheets', [220, 110, 0]),
  e('A2 graph paper 30 sheets', 'Graph paper', 30, 'sheets', [594, 420, 0]),
  e('6x6 patterned paper 120 sheets', 'Patterned paper', 120, 'sheets', [152.4, 152.4, 0]),
  e('felt sheets 300x200x1.2 mm, 40', 'Felt', 40, 'sheets', [300, 200, 1.2]),
  e('acetate sheets A4 0.25 mm thick 30', 'Acetate', 30, 'sheets', [297, 210, 0.25]),
  e('110 lb index card stock 8.5x11 100 sheets', 'Card stock', 100, 'sheets', [279.4, 215.9, 0], { grammage: 199 }),
  e('20 lb bond letter paper, 2 reams', 'Paper', 1000, 'sheets', [279.4, 215.9, 0], { grammage: 75 }),
  e('A6 postcards 350 gsm, about 60', 'Postcards', 60, 'sheets', [148, 105, 0.4305], { grammage: 350 }),
  e('half a dozen sheets of mountboard A3 1.4mm', 'Mountboard', 6, 'sheets', [420, 297, 1.4]),
  // Stiff pieces
  e('84 markers 140 x 12 mm', 'Markers', 84, 'pieces', [140, 12, 12]),
  e('box of 48 pads 76 x 51 x 22', 'Pads', 48, 'pieces', [76, 51, 22]),
  e('ink pads 36 pcs 75x50x18mm', 'Ink pads', 36, 'pieces', [75, 50, 18]),
  e('three rulers 300 x 30 x 2', 'Rulers', 3, 'pieces', [300, 30, 2]),
  e('Bone folder - 150x25x4 - 6', 'Bone folder', 6, 'pieces', [150, 25, 4]),
  e('scissors x 4, 24 cm by 9 cm by 1.5 cm', 'Scissors', 4, 'pieces', [240, 90, 15]),
  e('two heavy duty staplers, 200 mm long 40 wide 60 high', 'Heavy duty staplers', 2, 'pieces', [200, 60, 40]),
  e('punches (7) 90 x 75 x 60 mm', 'Punches', 7, 'pieces', [90, 75, 60]),
  e('a dozen paint brushes 190 x 8', 'Paint brushes', 12, 'pieces', [190, 8, 8]),
  e('12 brushes 7 1/2 in x 1/4 in', 'Brushes', 12, 'pieces', [190.5, 6.35, 6.35]),
  e('coloured pencils: 120, 175 mm, 7.5 mm thick', 'Coloured pencils', 120, 'pieces', [175, 7.5, 7.5]),
  e('alcohol markers 14.5cm dia 1.5cm qty 60', 'Alcohol markers', 60, 'pieces', [145, 15, 15]),
  e('9 wooden stamps 5x5x6 cm', 'Wooden stamps', 9, 'pieces', [60, 50, 50]),
  e(
    'clear stamp sets in pouches 5 x 7 in, 4 mm thick, 95',
    'Clear stamp sets in pouches',
    95,
    'pieces',
    [177.8, 127, 4],
  ),
  e('metal dies 140x95x2 ~150', 'Metal dies', 150, 'pieces', [140, 95, 2]),
  e('stencils ca. 45 30 x 21 cm 0.5 mm', 'Stencils', 45, 'pieces', [300, 210, 0.5]),
  e('paper pads 6 by 6 inches, 12 mm thick, 22 of them', 'Paper pads', 22, 'pieces', [152.4, 152.4, 12]),
  e('4 cutting mats 450 x 300 x 3', 'Cutting mats', 4, 'pieces', [450, 300, 3]),
  e('glue gun 20 x 18 x 5 cm 400 g', 'Glue gun', 1, 'pieces', [200, 180, 50], { mass: 400 }),
  e('embossing folders A6 x 65, 3 mm', 'Embossing folders', 65, 'pieces', [148, 105, 3]),
  e('15 books 297 x 210 x 25 mm 1.1 kg each', 'Books', 15, 'pieces', [297, 210, 25], { mass: 1100 }),
  e('wood blocks 100*70*60, 230g, 22', 'Wood blocks', 22, 'pieces', [100, 70, 60], { mass: 230 }),
  e('one anvil 250 x 120 x 130 4,5 kg', 'Anvil', 1, 'pieces', [250, 130, 120], { mass: 4500 }),
  e('craft knives 15 cm / 18 mm, 4', 'Craft knives', 4, 'pieces', [150, 18, 18]),
  e('24 acrylic blocks 100x75x12 + 6 spare', 'Acrylic blocks', 30, 'pieces', [100, 75, 12], { backstock: 6 }),
  e('glue sticks 40 (10 spare) 100 x 11 mm', 'Glue sticks', 40, 'pieces', [100, 11, 11], { backstock: 10 }),
  e('photo boxes, 10, 40 x 28 x 15 cm', 'Photo boxes', 10, 'pieces', [400, 280, 150]),
  e('pattern envelopes 210x150x12, 70 pcs', 'Pattern envelopes', 70, 'pieces', [210, 150, 12]),
  e('6 picture frames 42 cm x 31 cm x 5 cm', 'Picture frames', 6, 'pieces', [420, 310, 50]),
  // Long things
  e('dowels 900 x 12, 14', 'Dowels', 14, 'long', [900, 12, 12]),
  e('2 rulers 1 m x 40 mm x 3 mm', 'Rulers', 2, 'long', [1000, 40, 3]),
  e('steel rule 600 x 30 x 1 mm', 'Steel rule', 1, 'long', [600, 30, 1]),
  e('bamboo canes x8 1.2 m dia 10 mm', 'Bamboo canes', 8, 'long', [1200, 10, 10]),
  e('knitting needles 35 cm 5 mm thick 16 pieces', 'Knitting needles', 16, 'pieces', [350, 5, 5]),
  e('curtain poles 2.2m x 28mm 2x', 'Curtain poles', 2, 'long', [2200, 28, 28]),
  e('brass rod 1000x3 five', 'Brass rod', 5, 'long', [1000, 3, 3]),
  // Rolls and tape
  e('3 rolls vinyl 12 in x 5 ft', 'Vinyl', 3, 'rolls', [304.8, 0, 0]),
  e('washi tape 15 mm x 10 m, 48 rolls', 'Washi tape', 48, 'rolls', [15, 0, 0]),
  e('8 masking tape 100 x 25', 'Masking tape', 8, 'rolls', [25, 100, 100]),
  e('5 rolls of wrapping paper 70 cm x 4 m', 'Wrapping paper', 5, 'rolls', [700, 0, 0]),
  e('heat transfer vinyl 30cm x 5m rolls x 12', 'Heat transfer vinyl', 12, 'rolls', [300, 0, 0]),
  e('ribbon reels 60 x 22, 32', 'Ribbon', 32, 'rolls', [22, 60, 60]),
  e('46 spools thread 65 mm high 25 mm diameter', 'Thread', 46, 'rolls', [65, 25, 25]),
  e('overlock cones 8, 17 cm tall, 10 cm dia', 'Overlock', 8, 'rolls', [170, 100, 100]),
  e('parchment roll 38 cm wide, 6 cm across', 'Parchment', 1, 'rolls', [380, 60, 60]),
  e('double sided tape 6 rolls Ø 90 mm 20 mm wide', 'Double sided tape', 6, 'rolls', [20, 90, 90]),
  // Bottles and jars
  e('36 bottles acrylic paint 120x38', 'Acrylic paint', 36, 'bottles', [120, 38, 38]),
  e('acrylics, 24 bottles, 60 ml', 'Acrylics', 24, 'bottles', [0, 0, 0]),
  e('4 jars 8,5 x 6 cm', 'Jars', 4, 'bottles', [85, 60, 60]),
  e('glitter jars 50 mm dia 65 mm tall, 30', 'Glitter', 30, 'bottles', [65, 50, 50]),
  e('spray cans x3 20cm x 6.5cm', 'Spray', 3, 'bottles', [200, 65, 65]),
  e('ink bottles 15 ml (20)', 'Ink', 20, 'bottles', [0, 0, 0]),
  e('12 pots embossing powder 45 x 40mm', 'Embossing powder', 12, 'bottles', [45, 40, 40]),
  e('2 oz bottles of dye, 18', 'Dye', 18, 'bottles', [0, 0, 0]),
  e('varnish tins 130 x 80 - 4 - 480 g each', 'Varnish', 4, 'bottles', [130, 80, 80], { mass: 480 }),
  e('paste jar 1 Ø 95 x 120', 'Paste', 1, 'bottles', [120, 95, 95]),
  // Soft things
  e('12 skeins yarn 50 g', 'Yarn', 12, 'soft', [0, 0, 0], { mass: 50 }),
  e('9 balls of wool 15 x 8 x 7 cm', 'Wool', 9, 'soft', [150, 80, 70]),
  e('fat quarters 60, 28 x 20 x 0.5 cm folded', 'Fat quarters', 60, 'soft', [280, 200, 5]),
  e('velvet fabric remnants 9 pieces 280x200x25', 'Velvet fabric remnants', 9, 'soft', [280, 200, 25]),
  e('toy stuffing 2 bags 400 x 300 x 200 mm 1 kg', 'Toy stuffing', 2, 'soft', [400, 300, 200], { mass: 1000 }),
  e('quilt batting 1, 60 x 45 x 20 cm', 'Quilt batting', 1, 'soft', [600, 450, 200]),
  e('5 fleece blankets 35x30x10 cm', 'Fleece blankets', 5, 'soft', [350, 300, 100]),
  // Loose small things
  e('200 wooden beads 8 mm', 'Wooden beads', 200, 'loose', [8, 8, 8]),
  e('seed beads 2mm 5000', 'Seed beads', 5000, 'loose', [2, 2, 2]),
  e('300 loose buttons 15 x 15 x 4 mm', 'Buttons', 300, 'loose', [15, 15, 4]),
  e('buttons 400, 16 mm, 4 mm thick', 'Buttons', 400, 'loose', [16, 16, 4]),
  e('eyelets 5 mm x 500', 'Eyelets', 500, 'loose', [5, 5, 5]),
  e('pins 300 32x3x3', 'Pins', 300, 'loose', [32, 3, 3]),
  e('jump rings 6mm dia 1mm thick 250 pcs', 'Jump rings', 250, 'loose', [6, 6, 1]),
  e('brads (approx. 400) 10 x 6 mm', 'Brads', 400, 'loose', [10, 6, 6]),
  e('glass eyes loose 16x16x14, 40', 'Glass eyes', 40, 'loose', [16, 16, 14]),
  e('sequins 8 mm, 2000 of them, 0.3 mm thick', 'Sequins', 2000, 'loose', [8, 8, 0.3]),
  e('250 wood screws 30 x 7', 'Wood screws', 250, 'loose', [30, 7, 7]),
  // Sets
  e('3 sets of 24 colouring pencils 210 x 180 x 20', 'Colouring pencils', 3, 'set', [210, 180, 20], { parts: 24 }),
  e('drill bit set 18 x 11 x 4 cm 450 g', 'Drill bit set', 1, 'set', [180, 110, 40], { mass: 450 }),
  e('set of 12 gouges in a roll-up 300 x 120 x 40', 'Gouges in a roll-up', 1, 'set', [300, 120, 40], { parts: 12 }),
  e('watercolour set 2, 23x12x2.5cm', 'Watercolour set', 2, 'set', [230, 120, 25]),
  // Machines
  e('1 sewing machine 410x300x190 9 kg', 'Sewing machine', 1, 'machine', [410, 300, 190], { mass: 9000 }),
  e('sewing machine 41 x 30 x 19 cm', 'Sewing machine', 1, 'machine', [410, 300, 190]),
  e('electronic cutter 56 x 18 x 18 cm, 5.2 kg', 'Electronic cutter', 1, 'machine', [560, 180, 180], { mass: 5200 }),
  e('heat press 45cm wide 60cm deep 40cm high 22kg', 'Heat press', 1, 'machine', [450, 600, 400], { mass: 22000 }),
  e('laminator 50x15x11cm', 'Laminator', 1, 'machine', [500, 150, 110]),
  e('die cutting machine, folded 360 x 170 x 320, 7 kg', 'Die cutting machine', 1, 'machine', [360, 170, 320], {
    mass: 7000,
  }),
  // What people write in between
  e('approx 30 wooden spoons 30cm x 6cm x 1cm', 'Wooden spoons', 30, 'pieces', [300, 60, 10]),
  e('Buttons – assorted – 150 – 20 mm – 4 mm thick', 'Buttons assorted', 150, 'loose', [20, 20, 4]),
  e('2 dozen clothes pegs 72 x 12 x 10', 'Clothes pegs', 24, 'pieces', [72, 12, 10]),
  e('stickers A5, 5 packs of 12 sheets', 'Stickers', 60, 'sheets', [210, 148, 0]),
  // Hung
  e('hanging rulers 3, 320 x 40 x 3', 'Rulers', 3, 'hung', [320, 40, 3]),
  // Inch plans: a bare number is an inch
  inches(e('84 markers 5 1/2 x 1/2', 'Markers', 84, 'pieces', [139.7, 12.7, 12.7])),
  inches(e('stamp blocks 4 x 3 x 1/2, 12', 'Stamp blocks', 12, 'pieces', [101.6, 76.2, 12.7])),
  inches(e('yardsticks 36 x 1 1/4 x 1/4 qty 2', 'Yardsticks', 2, 'long', [914.4, 31.75, 6.35])),
  inches(e('10 binders 11.5 x 10 x 2"', 'Binders', 10, 'pieces', [292.1, 254, 50.8])),
  inches(e('paper trimmer 18" x 6" x 3", 3 lb', 'Paper trimmer', 1, 'pieces', [457.2, 152.4, 76.2], { mass: 1360.78 })),
  inches(
    e('1 1/2 in stack of 65 lb cardstock 8.5 x 11', 'Cardstock', 176, 'sheets', [279.4, 215.9, 0.2165], {
      grammage: 176,
    }),
  ),
  inches(e('4 oz jars 2-3/4 x 2-1/4, 16', 'Jars', 16, 'bottles', [69.85, 57.15, 57.15])),
  inches(e('3 ft dowels, 3/8 in, 20 pcs', 'Dowels', 20, 'long', [914.4, 9.525, 9.525])),
  inches(e('12 in x 60 ft freezer paper 1 roll', 'Freezer paper', 1, 'rolls', [304.8, 0, 0])),
  inches(e('½" pom poms, 200 loose', 'Pom poms', 200, 'loose', [12.7, 12.7, 12.7])),
];

/** Lines that cannot be kept, and what is said: the word that was not understood, or what is missing. */
export const UNREADABLE: ReadonlyArray<readonly [line: string, said: RegExp]> = [
  ['beads 3 x 4 x 5 x 6 mm', /“6 mm” was not understood|four sizes/],
  ['-4 markers 140 x 12 mm', /negative/],
  ['0 markers 140 x 12 mm', /at least 1/],
  ['2 500 000 beads 4 mm', /at most 1,000,000/],
  ['3 poles 9 m x 20 mm', /more than 6 m/],
  ['markers 1,2.3 x 5 mm', /“1,2\.3” mixes/],
  ['pens 0 x 12 mm', /above zero/],
  ['140 x 12 mm', /a name/],
  ['???', /“\?\?\?” was not understood/],
  ['pencils 1/0 in x 3 mm', /“1\/0”/],
];
