/** Painting, lino printing and bookbinding in a narrow room, in centimetres. */
import type { Evening } from './evening.ts';

export const PAINT_IN_METRIC: Evening = {
  name: 'painting, lino printing and bookbinding, 350 x 260 cm',
  units: 'centimetres',
  crafts: 'watercolour and acrylic painting, lino printing, bookbinding',
  room: '350 x 260',
  furniture: 'work bench 160 cm, countertop, plan chest, bookcase, 3 tier trolley, pegboard, wall shelf, leaning rack',
  things: `
    acrylic paint tubes | paint | 12-60 |
    watercolours | paint | 1-40 |
    gouache | paint | 6-30 |
    paint brushes | paint | 8-60 |
    wide brushes | paint | 3-20 |
    palette knives | paint | 2-8 |
    palettes | paint | 2-8 |
    water jars | paint | 2-6 |
    coloured pencils | paint | 12-100 |
    graphite pencils | paint | 6-30 |
    charcoal | paint | 5-40 |
    soft pastels | paint | 1-60 |
    erasers | paint | 2-10 |
    fixative spray | paint | 1-3 |
    gesso | paint | 1-3 |
    varnish | paint | 1-3 |
    white spirit | paint | 1-2 |
    masking fluid | paint | 1-2 |
    masking tape | paint/lino/book | 1-8 |
    sketchbooks | paint | 3-20 |
    watercolour paper A3 | paint | 10-80 |
    drawing paper A2 | paint | 10-80 |
    5 watercolour pads | paint | 5 |
    canvases | paint | 4-20 |
    canvas boards | paint | 4-20 |
    table easel | paint | 1 |
    rags | paint/lino | 3-30 |
    apron | paint/lino | 1-2 |
    finished paintings | paint | 3-30 |
    unfinished paintings | paint | 2-12 |
    frames | paint | 3-20 |
    lino blocks | lino | 5-40 |
    lino cutters | lino | 2-12 |
    lino ink | lino | 4-20 |
    rollers | lino | 2-6 |
    baren | lino | 1 |
    ink slab | lino | 1-2 |
    printing paper | lino | 20-200 |
    registration board | lino | 1 |
    spare lino | lino | 3-30 |
    prints drying | lino | 5-60 |
    book board | book | 5-30 |
    bookcloth | book | 2-12 |
    endpapers | book | 10-80 |
    decorative papers | book | 10-60 |
    linen thread | book | 2-12 |
    beeswax | book | 1-2 |
    awls | book | 2-4 |
    bookbinding needles | book | 3-30 |
    bone folders | book | 2-4 |
    PVA glue 1 l | book | 1 |
    glue brushes | book | 2-8 |
    book press | book | 1 |
    pressing boards | book | 2-10 |
    steel ruler 60 cm | book/lino/paint | 1 |
    cutting mat A2 | book/lino/paint | 1 |
    scalpel | book/lino | 1-2 |
    scalpel blades | book/lino | 5-100 |
    leather scraps | book | 3-60 |
    finished books | book | 3-20 |
    cat food | ? | 1-20 |
  `,
  facts: `
    reach 2: paint brushes
    beside: paint brushes + acrylic paint tubes
    same unit: acrylic paint tubes + gouache
    beside: palettes + paint brushes
    same unit: watercolour paper A3 + drawing paper A2
    in: drawing paper A2 | plan chest
    near seat: acrylic paint tubes
    apart: white spirit + sketchbooks
    apart: fixative spray + drawing paper A2
    one run: canvases
    same unit: canvases + canvas boards
    beside: lino cutters + lino blocks
    beside: rollers + lino ink
    farther: spare lino + lino blocks
    beside: linen thread + bookbinding needles
    beside: awls + bookbinding needles
    same unit: endpapers + decorative papers
    beside: scalpel + scalpel blades
    not prime: finished paintings
    not prime: finished books
    clear: tables 6
  `,
};
