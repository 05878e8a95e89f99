/** Sewing, quilting and knitting in a guest room, in feet and inches. */
import type { Evening } from './evening.ts';

export const CLOTH_IN_FEET: Evening = {
  name: 'sewing, quilting and knitting, 12 x 10 ft',
  units: 'imperial',
  crafts: 'sewing, quilting, knitting',
  room: '12 x 10',
  furniture:
    'sewing table, cutting table, armchair, bookcase, 2 slim drawer units, cube shelf 2x4, thread rack, ironing board, pegboard',
  things: `
    sewing machine | sew/quilt | 1 |
    serger | sew | 1 |
    presser feet | sew/quilt | 4-20 |
    bobbins | sew/quilt | 15-60 |
    thread | sew/quilt | 20-120 |
    serger cones | sew | 4-20 |
    quilting thread | quilt | 3-20 |
    machine needles | sew/quilt | 4-30 |
    hand needles | sew/quilt | 3-20 |
    pins | sew/quilt | 100-600 |
    100 wonder clips | sew/quilt | 100 |
    safety pins | quilt/sew | 50-400 |
    pin cushion | sew/quilt | 1 |
    fabric scissors | sew/quilt | 1-2 |
    embroidery scissors | sew/quilt/knit | 1-3 |
    pinking shears | sew | 1 |
    seam rippers | sew/quilt | 2-6 |
    rotary cutter | quilt/sew | 1 |
    rotary blades | quilt/sew | 1-10 |
    cutting mat 24 x 36 | quilt/sew | 1 |
    quilting rulers | quilt | 3-10 |
    tape measure | sew/quilt/knit | 1-2 |
    tailors chalk | sew/quilt | 1-8 |
    fabric pens | sew/quilt | 2-12 |
    iron | sew/quilt | 1 |
    tailors ham | sew | 1 |
    wool pressing mat | quilt/sew | 1 |
    spray starch | quilt/sew | 1-3 |
    fat quarters by colour | quilt | 20-120 |
    charm packs | quilt | 4-20 |
    jelly rolls | quilt | 3-20 |
    batting | quilt | 1-4 |
    backing fabric | quilt | 2-10 |
    quilt fabric | quilt | 15-80 |
    dress fabric | sew | 10-40 |
    fleece | sew | 2-12 |
    felt in a tub | sew/quilt | 10-80 | tub
    fabric scraps in 2 bins | quilt/sew | 2-400 | bin
    christmas fabric | quilt/sew | 4-30 |
    interfacing | sew | 2-10 |
    zippers | sew | 10-60 |
    buttons in jars | sew | 150-3000 | jar
    elastic | sew | 3-15 |
    bias tape | sew | 5-30 |
    hook and loop tape | sew | 1-8 |
    ribbon | sew/quilt | 8-40 |
    lace and trims | sew | 5-40 |
    sewing patterns | sew | 15-90 |
    quilt books | quilt | 5-30 |
    quilt patterns | quilt | 8-50 |
    unfinished quilt tops | quilt | 2-8 |
    finished quilts | quilt | 1-10 |
    mending pile | sew | 1-15 |
    yarn | knit | 8-60 |
    sock yarn | knit | 5-30 |
    spare yarn | knit | 4-40 |
    knitting needles | knit | 8-30 |
    circular needles | knit | 6-30 |
    crochet hooks | knit | 5-20 |
    stitch markers | knit | 20-120 |
    row counter | knit | 1 |
    yarn winder | knit | 1 |
    knitting patterns | knit | 10-60 |
    knitting bag | knit | 1 |
    blocking mats | knit | 4-12 |
    old magazines | ?/* | 8-60 |
    extension cord | ?/* | 1 |
    the blue tin | ? | 1 |
  `,
  facts: `
    out at seat: sewing machine
    beside: presser feet + sewing machine
    beside: bobbins + sewing machine
    beside: machine needles + sewing machine
    one run: thread
    same unit: thread + quilting thread
    one run: fat quarters by colour
    same unit: fat quarters by colour + charm packs
    same unit: yarn + sock yarn
    near seat: knitting needles
    at seat: knitting needles | armchair
    reach 2: fabric scissors
    beside: rotary cutter + cutting mat 24 x 36
    beside: rotary blades + rotary cutter
    farther: christmas fabric + fat quarters by colour
    farther: spare yarn + yarn
    same unit: quilt books + quilt patterns
    beside: iron + tailors ham
    held: buttons in jars
    clear: tables 6
    not prime: finished quilts
  `,
};
