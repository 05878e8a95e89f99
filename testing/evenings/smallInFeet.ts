/** Jewellery, polymer clay and resin in a box room, in feet and inches. */
import type { Evening } from './evening.ts';

export const SMALL_IN_FEET: Evening = {
  name: 'jewelry, polymer clay and resin, 9 x 8 ft',
  units: 'imperial',
  crafts: 'jewelry making, polymer clay, resin',
  room: '9 x 8',
  furniture: 'desk, small counter 4 x 2 ft, 2 slim drawer units, bookcase, pegboard, 2 wall shelves, drawer cart',
  things: `
    seed beads in tubes | jewel | 20-150 |
    glass beads | jewel | 150-3000 |
    200 gemstone beads in 4 boxes | jewel | 200 | box
    12 zip bags of beads | jewel | 100-5000 | bag
    bead trays | jewel | 2-12 |
    300 jump rings in 3 boxes | jewel | 300 | box
    ear wires | jewel | 30-300 |
    clasps | jewel | 20-200 |
    crimp beads | jewel | 80-1000 |
    head pins | jewel | 50-500 |
    charms | jewel | 20-200 |
    chain | jewel | 1-20 |
    beading wire | jewel | 2-15 |
    copper wire on spools | jewel | 3-20 |
    stretch cord | jewel | 1-8 |
    round nose pliers | jewel | 1-2 |
    flat nose pliers | jewel | 1-2 |
    flush cutters | jewel | 1-2 |
    bead mat | jewel | 1 |
    bead board | jewel | 1 |
    bead reamer | jewel | 1 |
    jewelry hammer | jewel | 1 |
    ring mandrel | jewel | 1 |
    soldering iron | jewel | 1 |
    earring cards | jewel | 20-300 |
    small gift boxes | jewel | 10-60 |
    jewelry display bust | jewel | 1 |
    magnifier lamp | jewel | 1 |
    tweezers | jewel/clay/resin | 1-4 |
    polymer clay | clay | 12-80 |
    old polymer clay | clay | 6-80 |
    clay cutters | clay | 8-60 |
    texture mats | clay | 4-20 |
    rolling pin | clay | 1 |
    pasta machine for clay | clay | 1 |
    clay blades | clay | 1-10 |
    sculpting tools | clay | 1-20 |
    baking tile | clay | 1 |
    toaster oven | clay | 1 |
    clay moulds | clay | 5-40 |
    parchment paper | clay | 1-60 |
    liquid clay | clay | 1-3 |
    mica powders | clay/resin | 8-40 |
    resin 32 oz | resin | 1-2 |
    hardener | resin | 1-2 |
    uv resin | resin | 1-4 |
    uv lamp | resin | 1 |
    silicone molds | resin/clay | 8-50 |
    mixing cups | resin | 5-100 |
    stir sticks | resin | 20-200 |
    resin dyes | resin | 6-30 |
    glitter in jars | resin/clay | 5-60 |
    nitrile gloves | resin | 1-100 |
    respirator | resin | 1 |
    dried flowers | resin | 5-60 |
    sandpaper | resin/clay | 5-50 |
    isopropyl alcohol | resin/clay | 1-3 |
    paper towels | resin/clay/* | 1-6 |
    scale | resin | 1 |
    finished earrings for sale | jewel | 5-80 |
    christmas molds | resin/clay | 3-40 |
    odds and ends | ? | 1-60 |
  `,
  facts: `
    reach 2: round nose pliers
    beside: round nose pliers + flush cutters
    same unit: glass beads + seed beads in tubes
    beside: jump rings + ear wires
    beside: clasps + ear wires
    one run: polymer clay
    farther: old polymer clay + polymer clay
    beside: clay cutters + polymer clay
    beside: texture mats + clay cutters
    apart: resin 32 oz + paper towels
    same unit: resin 32 oz + hardener
    beside: uv lamp + uv resin
    beside: silicone molds + mixing cups
    held: glitter in jars
    held: 12 zip bags of beads
    farther: christmas molds + silicone molds
    not prime: finished earrings
    near seat: polymer clay
    near seat: bead mat
    clear: tables 6
    same unit: beading wire + copper wire
  `,
};
