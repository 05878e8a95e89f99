/** Dressmaking and greeting cards in one room, in centimetres. */
import type { Evening } from './evening.ts';

export const MIXED_IN_METRIC: Evening = {
  name: 'dressmaking and cards, 320 x 280 cm',
  units: 'centimetres',
  crafts: 'dressmaking, cards',
  room: '320 x 280',
  furniture: 'desk 140 cm, sewing table, chest of drawers, 2 bookcases, trolley, pegboard, wardrobe, paper trays',
  things: `
    sewing machine | sew/dress | 1 |
    overlocker | sew/dress | 1 |
    machine feet | sew/dress | 4-20 |
    bobbins in a box | sew/dress | 10-60 | box
    reels of thread | sew/dress | 20-100 |
    overlocker thread | sew/dress | 4-20 |
    sewing machine needles | sew/dress | 4-30 |
    dressmaking pins | sew/dress | 80-600 |
    dressmaking shears | sew/dress | 1-2 |
    unpickers | sew/dress | 2-5 |
    tape measures | sew/dress | 2-4 |
    pattern weights | sew/dress | 4-12 |
    dress patterns | sew/dress | 15-90 |
    pattern paper | sew/dress | 1-40 |
    dressmaker's dummy | sew/dress | 1 |
    steam iron | sew/dress | 1 |
    pressing cloths | sew/dress | 2-6 |
    pressing ham | sew/dress | 1 |
    cotton fabric | sew/dress | 8-60 |
    jersey | sew/dress | 4-30 |
    lining fabric | sew/dress | 3-20 |
    denim offcuts | sew/dress | 1-60 |
    iron-on interfacing | sew/dress | 2-10 |
    zips | sew/dress | 10-60 |
    buttons | sew/dress | 100-900 |
    poppers | sew/dress | 30-300 |
    hooks and eyes | sew/dress | 30-300 |
    elastic on cards | sew/dress | 3-15 |
    bias binding | sew/dress | 5-30 |
    lace | sew/dress | 3-20 |
    shoulder pads | sew/dress | 2-12 |
    rotary cutter | sew/dress | 1 |
    clothes to mend | sew/dress | 2-15 |
    finished dresses | sew/dress | 1-12 |
    old sewing magazines | sew/dress | 8-60 |
    A4 card white | card | 40-300 |
    coloured card by colour | card | 40-600 |
    patterned paper pads | card | 4-30 |
    envelopes C6 | card | 25-200 |
    card blanks | card | 20-150 |
    stamps | card | 15-80 |
    ink pads | card | 10-60 |
    acrylic blocks | card | 4-15 |
    brush pens | card | 6-40 |
    guillotine | card | 1 |
    scoring board | card | 1 |
    double-sided tape | card | 1-10 |
    glue | card/* | 1-4 |
    foam pads | card | 4-30 |
    hole punches | card | 2-15 |
    die cutting machine | card | 1 |
    dies | card | 20-150 |
    embossing folders | card | 8-60 |
    gems in pots | card | 100-3000 | pot
    glitter | card | 5-40 |
    ribbon offcuts on pegs | card/sew/dress | 5-60 | peg
    twine | card | 1-6 |
    peel off stickers | card | 10-100 |
    christmas stamps | card | 5-60 |
    christmas paper pads | card | 2-20 |
    finished cards in a box | card | 10-80 | box
    spare envelopes | card | 20-200 |
    cutting mat A3 | card/sew/dress | 1 |
    craft knives | card | 2-5 |
    scissors | * | 1-4 |
    pencils | * | 6-30 |
    batteries | ?/* | 4-20 |
    guest towels | ? | 1-12 |
  `,
  facts: `
    out at seat: sewing machine
    beside: machine feet + sewing machine
    beside: bobbins in a box + sewing machine
    one run: reels of thread
    same unit: reels of thread + overlocker thread
    reach 2: dressmaking shears
    same unit: cotton fabric + jersey
    one run: dress patterns
    beside: steam iron + pressing ham
    same unit: zips + elastic on cards
    one run: ink pads
    beside: acrylic blocks + stamps
    same unit: coloured card by colour + A4 card white
    in: coloured card by colour | trays
    beside: envelopes C6 + card blanks
    same unit: dies + embossing folders
    farther: christmas stamps + stamps
    farther: spare envelopes + envelopes C6
    at seat: dressmaking shears | sewing table
    held: gems in pots
    clear: tables 6
    not prime: old sewing magazines
  `,
};
