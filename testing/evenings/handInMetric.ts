/** Crochet, embroidery, vinyl and gift wrapping in a living room's end, in centimetres. */
import type { Evening } from './evening.ts';

export const HAND_IN_METRIC: Evening = {
  name: 'crochet, embroidery, vinyl cutting and gift wrap, 300 x 300 cm',
  units: 'centimetres',
  crafts: 'crochet, embroidery, vinyl cutting, gift wrapping',
  room: '300 x 300',
  furniture:
    'desk, armchair, cube shelf, low cube shelf, slim drawers, cart, hook rail, rail with rods, bins under the table',
  things: `
    yarn in a basket | crochet | 6-60 | basket
    cotton yarn by colour | crochet | 8-60 |
    chunky yarn | crochet | 4-30 |
    yarn leftovers | crochet | 5-80 |
    crochet hooks | crochet | 6-25 |
    favourite hook | crochet | 1 |
    stitch markers | crochet | 20-150 |
    darning needles | crochet/embroid | 2-20 |
    toy stuffing | crochet | 1-4 |
    safety eyes | crochet | 20-300 |
    crochet books | crochet | 4-30 |
    crochet patterns | crochet | 8-60 |
    unfinished blanket | crochet | 1 |
    pompom makers | crochet | 2-6 |
    embroidery floss | embroid | 60-400 |
    floss boxes | embroid | 2-8 |
    hoops | embroid | 4-20 |
    aida | embroid | 3-20 |
    linen fabric | embroid | 3-20 |
    embroidery needles | embroid | 3-40 |
    embroidery scissors | embroid | 1-3 |
    cross stitch charts | embroid | 10-80 |
    needle minder | embroid | 1 |
    water soluble pens | embroid | 2-10 |
    metallic thread | embroid | 4-20 |
    magnifying lamp | embroid | 1 |
    cross stitch kits | embroid | 2-12 |
    finished embroideries | embroid | 2-20 |
    cutting machine | vinyl | 1 |
    cutting mats for the machine | vinyl | 2-8 |
    blades for the cutter | vinyl | 2-12 |
    vinyl rolls | vinyl | 8-50 |
    iron-on vinyl | vinyl | 5-40 |
    vinyl sheets | vinyl | 15-100 |
    vinyl scraps in a folder | vinyl | 5-100 | folder
    transfer tape | vinyl | 1-6 |
    weeding tools | vinyl | 1-8 |
    scraper | vinyl | 1-2 |
    heat press | vinyl | 1 |
    heat resistant tape | vinyl | 1-8 |
    blank mugs | vinyl | 4-30 |
    blank t-shirts | vinyl | 5-40 |
    tote bags | vinyl | 4-30 |
    lint roller | vinyl | 1-2 |
    laptop | vinyl | 1 |
    wrapping paper rolls | wrap | 5-30 |
    christmas wrapping paper | wrap | 3-20 |
    gift bags | wrap | 8-60 |
    tissue paper | wrap | 3-80 |
    curling ribbon | wrap | 3-20 |
    bows in a box | wrap | 10-80 | box
    gift tags | wrap | 20-300 |
    sticky tape | wrap | 1-10 |
    paper scissors | wrap/vinyl | 1-2 |
    brown paper | wrap | 1-3 |
    gift boxes | wrap | 5-30 |
    presents to wrap | wrap | 1-20 |
    spare sticky tape | wrap | 1-10 |
    scissors | * | 1-4 |
    phone chargers | ?/* | 1-6 |
    foam tiles | ? | 1-40 |
  `,
  facts: `
    at seat: crochet hooks | armchair
    reach 2: crochet hooks
    same unit: cotton yarn by colour + chunky yarn
    one run: cotton yarn by colour
    held: yarn in a basket
    beside: stitch markers + crochet hooks
    one run: embroidery floss
    beside: embroidery scissors + hoops
    same unit: aida + linen fabric
    beside: embroidery needles + embroidery floss
    out at seat: cutting machine
    beside: cutting mats for the machine + cutting machine
    beside: blades for the cutter + cutting machine
    same unit: vinyl rolls + iron-on vinyl
    beside: weeding tools + cutting machine
    same unit: wrapping paper rolls + brown paper
    farther: christmas wrapping paper + wrapping paper rolls
    same unit: gift bags + gift tags
    farther: spare sticky tape + sticky tape
    not prime: finished embroideries
    clear: tables 6
  `,
};
