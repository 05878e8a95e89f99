/** Cards, stamps and scrapbooks in a small bedroom, in feet and inches. */
import type { Evening } from './evening.ts';

export const PAPER_IN_FEET: Evening = {
  name: 'cards, stamping and scrapbooks, 10 x 9 ft',
  units: 'imperial',
  crafts: 'card making, stamping, scrapbooking',
  room: '10 x 9',
  furniture:
    'desk with two drawers on each side, 8 cube shelf, 12 drawer tower, 3 tier cart, pegboard, ink pad rack, wall shelf, closet',
  things: `
    ink pads | stamp | 12-72 |
    clear stamps | stamp | 15-100 |
    wooden stamps | stamp | 15-80 |
    old rubber stamps | stamp | 10-80 |
    acrylic blocks | stamp | 4-15 |
    stamp cleaner | stamp | 1-3 |
    stamp press | stamp | 1 |
    embossing powders | stamp | 8-40 |
    heat gun | stamp/card | 1 |
    reinkers | stamp | 8-40 |
    alcohol markers | stamp/card | 24-150 |
    mini ink cubes | stamp | 12-50 |
    blending brushes | stamp/card | 5-30 |
    stencils | stamp/card/scrap | 10-80 |
    10 packs of 12 x 12 cardstock of 24 sheets | card/scrap | 240 |
    2 packs of black cardstock of 24 | card/scrap | 48 |
    white cardstock 8.5 x 11 | card/scrap | 40-300 |
    patterned paper 12x12 | scrap/card | 40-400 |
    6x6 paper pads | card/scrap | 5-30 |
    half sheets of 12x12 patterned paper | card/scrap | 10-200 |
    paper scraps by colour | card/scrap | 20-300 |
    vellum | card/scrap | 10-100 |
    mirror card | card/scrap | 10-60 |
    pre-folded card bases | card | 20-150 |
    A2 envelopes | card | 25-200 |
    #10 envelopes | card | 25-200 |
    paper trimmer | card/scrap | 1 |
    score board | card | 1 |
    bone folder | card/scrap | 1-2 |
    craft knife and blades | card/scrap | 1-20 |
    scissors | * | 1-4 |
    self healing mat | card/scrap/stamp | 1 |
    glue sticks | card/scrap | 3-20 |
    spare glue | card/scrap | 1-6 |
    tape runners | card/scrap | 2-12 |
    tape runner refills | card/scrap | 3-20 |
    foam dots | card/scrap | 5-40 |
    double sided tape | card/scrap | 1-10 |
    washi tape | scrap/card | 15-80 |
    enamel dots | card/scrap | 8-40 |
    sequins in jars | card/scrap | 500-50000 | jar
    ribbon on spools | card/scrap | 8-40 |
    twine | card/scrap | 1-6 |
    buttons in a tin | card/scrap | 80-900 | tin
    200 brads in 4 boxes | card/scrap | 200 | box
    900 tiny die cuts | card/scrap | 900 |
    letter stickers | scrap/card | 10-80 |
    sticker sheets | scrap/card | 15-100 |
    die cutting machine | card/scrap | 1 |
    plates for the machine | card/scrap | 2-10 |
    metal dies | card/scrap | 30-200 |
    christmas dies | card/scrap | 5-80 |
    embossing folders | card/scrap | 10-60 |
    border punches | scrap/card | 4-25 |
    corner rounder | card/scrap | 1 |
    gel pens | scrap/card | 6-40 |
    journaling pens | scrap | 4-30 |
    photos to scrapbook | scrap | 50-900 |
    photo corners | scrap | 3-20 |
    three 12x12 albums | scrap | 3 |
    page protectors | scrap | 20-200 |
    finished cards | card | 10-60 |
    unfinished layouts | scrap | 2-20 |
    christmas card kit | card | 1 |
    halloween stickers | scrap/card | 8-80 |
    thank you cards | card | 8-100 |
    printer | scrap/card | 1 |
    photo paper | scrap | 20-150 |
    bits from grandma | ? | 1-50 |
  `,
  facts: `
    one run: ink pads
    one run: clear stamps
    same unit: clear stamps + wooden stamps
    beside: acrylic blocks + clear stamps
    beside: stamp cleaner + clear stamps
    in: ink pads | pad rack
    reach 2: ink pads
    near seat: tape runners
    near seat: paper trimmer
    same unit: glue sticks + tape runners
    farther: spare glue + glue sticks
    farther: old rubber stamps + clear stamps
    beside: plates for the machine + die cutting machine
    same unit: metal dies + embossing folders
    one run: patterned paper 12x12
    same unit: patterned paper 12x12 + 10 packs of 12 x 12
    farther: christmas card kit + tape runners
    held: sequins in jars
    same unit: A2 envelopes + pre-folded card bases
    clear: tables 6
    not prime: finished cards
  `,
};
