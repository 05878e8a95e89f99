/** Starter containers: generic sizes (common practice, no source), outside and inside in mm, prices in round figures. */
import { roundInside } from '@heronstone/core/fit/containers.ts';
import { CONTAINER_DEFAULTS } from '@heronstone/core/model/supply.ts';
import type { ContainerShape } from '@heronstone/core/model/plan.ts';

export interface ContainerType {
  group: string;
  shape: ContainerShape;
}

/**
 * One line a container: name | kind | outside w x d x h | wall | price | marks.
 * Marks: l lid on, n a lid that snaps shut, p pulled like a drawer, s see-through, k locked with a key, r round (width and depth are
 * its diameter); then how it is divided: kind, across x from
 * front to back x over each other. The inside is the outside less a wall at each side and one below.
 */
const TABLE: Readonly<Record<string, string>> = {
  'Drawer organisers': `
Pen tray | tray | 76x230x50 | 2 | 3 |
Narrow organiser | tray | 76x152x50 | 2 | 2 | s
Small square organiser | tray | 76x76x50 | 2 | 1.5 | s
Square organiser | tray | 152x152x50 | 2 | 3 | s
Long organiser | tray | 76x380x50 | 2 | 4 | s
Wide organiser | tray | 152x230x50 | 2 | 4 | s
Large organiser | tray | 230x305x50 | 2 | 6 | s
Deep narrow organiser | tray | 76x230x90 | 2 | 3.5 | s
Deep square organiser | tray | 152x152x90 | 2 | 4 | s
Deep wide organiser | tray | 152x305x90 | 2 | 5.5 | s
Cutlery tray, five parts | tray | 300x400x45 | 6 | 9 | | lanes 5x1x1
Shallow mesh tray | tray | 240x160x35 | 2 | 3 |`,
  'Bins for a cube opening': `
Cube bin, half width | bin | 160x370x150 | 3 | 6 | p
Cube bin, third | bin | 108x370x150 | 3 | 5 | p
Cube bin, quarter | bin | 80x370x150 | 3 | 4 | p
Cube bin, full | bin | 325x370x320 | 4 | 8 | p
Cube bin, half height | bin | 325x370x155 | 4 | 7 | p
Cube bin, half width, tall | bin | 160x370x310 | 3 | 8 | p
Fabric cube box | box | 320x360x315 | 5 | 7 | p
Fabric half box | box | 315x360x150 | 5 | 5 | p`,
  'Boxes with a lid': `
Shoe box, clear | box | 200x330x120 | 3 | 4 | ls
Boot box, clear | box | 300x340x190 | 3 | 6 | ls
Project case, A4 | box | 270x350x60 | 4 | 6 | ls
Project case, 12 in | box | 355x360x80 | 4 | 8 | ls
Photo case, inner | box | 120x170x30 | 2 | 1.5 | ls
Photo carrier for 16 cases | box | 380x310x130 | 4 | 20 | ls
Lidded box, 5 l | box | 200x290x130 | 3 | 4 | ls
Lidded box, 9 l | box | 270x390x130 | 3 | 6 | ls
Lidded box, 18 l | box | 300x400x220 | 4 | 9 | ls
Lidded box, 35 l | box | 340x450x300 | 4 | 14 | l
Archive box | box | 330x400x260 | 4 | 4 | l
Hat box | box | 350x350x180 | 4 | 9 | lr
Bead box, 24 parts | box | 190x280x40 | 8 | 6 | ns | cells 4x6x1
Screw box, 12 parts | box | 150x220x45 | 6 | 5 | ns | cells 3x4x1
Case of 28 small boxes | box | 175x215x55 | 4 | 14 | ns | cells 4x7x1
Lockable box | box | 250x300x120 | 3 | 19 | lk
Matchbox drawer block | box | 180x120x100 | 10 | 6 | p
Long flat box under a bed | box | 400x750x150 | 4 | 15 | l
Long box for rolls | box | 130x900x130 | 4 | 12 | l`,
  'Baskets and open bins': `
Wire basket, small | basket | 250x180x120 | 4 | 6 |
Wire basket, large | basket | 400x300x180 | 4 | 11 |
Rattan basket, small | basket | 220x160x120 | 12 | 8 |
Rattan basket, cube | basket | 310x350x280 | 15 | 16 |
Open-front bin, small | bin | 105x160x75 | 3 | 2 | p
Open-front bin, middle | bin | 145x235x125 | 3 | 3 | p
Open-front bin, large | bin | 210x345x200 | 4 | 7 | p
Letter bin, upright | bin | 100x250x310 | 3 | 6 |
Magazine file | file | 80x250x310 | 2 | 4 |
Wide magazine file, 12 in | file | 110x320x320 | 2 | 7 |
Tall bin for rolls | bin | 250x250x600 | 4 | 12 |
Yarn basket | basket | 350x300x300 | 12 | 15 |
Two-handled tub, 15 l | bin | 330x430x150 | 4 | 7 |
Stacking crate, 20 l | bin | 300x400x200 | 6 | 9 |`,
  'Small and upright': `
Jar, 100 ml | jar | 58x58x65 | 3 | 1 | lsr
Jar, 250 ml | jar | 72x72x90 | 3 | 1.2 | lsr
Jar, 500 ml | jar | 90x90x110 | 3 | 1.6 | lsr
Jar, 1 l | jar | 105x105x160 | 3 | 2.2 | lsr
Flip-top pot | jar | 27x27x50 | 1.5 | 0.4 | lsr
Round tin, small | tin | 65x65x30 | 1 | 0.8 | lr
Flat tin | tin | 95x145x25 | 1 | 2 | l
Cup for brushes | cup | 80x80x110 | 3 | 3 | r
Cup, wide | cup | 110x110x130 | 3 | 4 | r
Hanging cup | cup | 90x90x110 | 2 | 3 | r`,
  'Paper, pouches and files': `
Hanging file | file | 330x30x250 | 1 | 1 |
File box for hanging files | file | 345x390x270 | 6 | 14 |
Letter tray | tray | 260x340x60 | 4 | 6 |
Paper tray, 12 in | tray | 325x340x60 | 4 | 9 | p
Binder, two ring | binder | 75x285x320 | 4 | 4 |
Binder of 60 page pockets | binder | 75x285x320 | 4 | 12 | | pages 60x1x1
Binder, pages with two pockets | binder | 75x285x320 | 4 | 12 | | pages 45x1x2
Binder, pages with four pockets | binder | 75x285x320 | 4 | 13 | | pages 45x2x2
Pocket file, 12 | file | 130x330x250 | 2 | 8 | p | pockets 12x1x1
Pocket file, 31 | file | 320x330x250 | 2 | 13 | p | pockets 31x1x1
Box of 30 magnetic cards | box | 145x190x150 | 3 | 16 | p | cards 30x1x1
Binder, narrow | binder | 40x285x320 | 4 | 3 |
Disc album | binder | 60x290x300 | 4 | 7 |
Zip pouch, A5 | pouch | 240x15x180 | 0.3 | 0.7 | s
Zip pouch, A4 | pouch | 340x20x260 | 0.3 | 1 | s
Box for 5 x 7 in pockets | box | 145x400x190 | 3 | 7 |
Two-lane box for 5 x 7 in pockets | box | 290x400x190 | 3 | 12 | p | lanes 2x1x1`,
  'Turning and tiered': `
Turntable, 250 mm | carousel | 250x250x80 | 4 | 9 | r
Turntable, 380 mm | carousel | 380x380x60 | 4 | 14 | r
Carousel of cups | carousel | 300x300x150 | 20 | 18 |
Turning tower for 144 cases | carousel | 320x320x530 | 6 | 45 | | cells 2x2x36`,
  'Racks with cells': `
Rack for 12 ink pads | tray | 112x78x316 | 3 | 9 | | cells 1x1x12
Rack for 24 ink pads | tray | 220x78x316 | 3 | 15 | | cells 2x1x12
Rack for 40 ink pads, wide | tray | 220x105x520 | 3 | 24 | | cells 2x1x20
Rack for 48 markers, lying | tray | 166x150x126 | 3 | 12 | | cells 8x1x6
Rack for 96 markers, lying | tray | 322x150x126 | 3 | 20 | | cells 16x1x6
Block for 40 brushes and pens | cup | 170x110x90 | 4 | 9 | | cells 8x5x1
Tray for 24 ink bottles | tray | 245x165x45 | 4 | 8 | | cells 6x4x1
Spool tray, 30 | tray | 260x215x40 | 4 | 9 | | cells 6x5x1`,
};

function parse(group: string, line: string): ContainerType {
  const [name, kind, size, wall, price, marks = '', parts = ''] = line.split('|').map((c) => c.trim());
  const [divided, counts = '1x1x1'] = parts.split(' ');
  const [across, along, over] = counts.split('x').map(Number) as [number, number, number];
  const [width, depth, height] = size!.split('x').map(Number) as [number, number, number];
  const w = Number(wall);
  const lid = marks.includes('l') || marks.includes('n');
  return {
    group,
    shape: {
      ...CONTAINER_DEFAULTS,
      name: name!,
      kind: kind as ContainerShape['kind'],
      width,
      depth,
      height,
      insideWidth: marks.includes('r') ? roundInside(width - 2 * w) : width - 2 * w,
      insideDepth: marks.includes('r') ? roundInside(depth - 2 * w) : depth - 2 * w,
      insideHeight: height - (lid ? 2 : 1) * w,
      lid: marks.includes('n') ? 'snap' : lid ? 'on' : 'none',
      keyLocked: marks.includes('k'),
      ...(divided ? { divided: divided as ContainerShape['divided'], across, along, over } : {}),
      pulled: marks.includes('p'),
      seeThrough: marks.includes('s'),
      price: Number(price),
    },
  };
}

/** The containers of the library, by group. */
export const CONTAINER_TYPES: readonly ContainerType[] = Object.entries(TABLE).flatMap(([group, text]) =>
  text
    .trim()
    .split('\n')
    .map((line) => parse(group, line)),
);
