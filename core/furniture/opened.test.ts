import { boxUnit } from '@heronstone/testing/rooms.ts';
import { distance, inside, signedArea } from '../geometry/geometry.ts';
import { compartmentsOf } from './compartments.ts';
import { cornerFront, footprint } from './footprint.ts';
import { openedOf } from './opened.ts';

const at = (more: object) => boxUnit('u', 1000, 1000, 600, 400, more);

test('a drawer comes out as far as it is deep inside, as wide as its front, whichever way the unit is turned', () => {
  for (const turn of [0, 90, 37]) {
    const unit = at({ kind: 'drawer unit', turn, tiers: [100, 100], insideDepth: 350, board: 12 });
    const parts = openedOf(unit);
    expect(parts.map((p) => [p.slot, p.kind, p.out])).toEqual([
      ['d1', 'drawer', 350],
      ['d2', 'drawer', 350],
    ]);
    expect(signedArea(parts[0]!.shape)).toBeCloseTo((600 - 24) * 350, 3);
    expect(inside(compartmentsOf(unit)[0]!.access3, parts[0]!.shape)).toBe(true);
  }
});

describe('doors', () => {
  test.each(['left', 'right'] as const)('hinged on the %s: a quarter circle round that side of the front', (doors) => {
    const [leaf, ...more] = openedOf(at({ doors, board: 0, tiers: [600] }));
    expect(more).toEqual([]);
    const pin = leaf!.shape[0]!;
    expect(pin).toEqual({ x: doors === 'left' ? 700 : 1300, y: 1200 });
    for (const p of leaf!.shape.slice(1)) expect(distance(p, pin)).toBeCloseTo(600, 6);
    // Eight chords of a quarter circle: 8 x r² sin(11.25°) / 2.
    expect(signedArea(leaf!.shape)).toBeCloseTo((8 * 600 ** 2 * Math.sin(Math.PI / 16)) / 2, 3);
  });
  test('a pair sweeps half as far each, and they do not meet; sliding doors sweep nothing', () => {
    const pair = openedOf(at({ doors: 'pair', board: 0, tiers: [600] }));
    expect(pair.map((p) => p.out)).toEqual([300, 300]);
    expect(Math.max(...pair[0]!.shape.map((p) => p.x))).toBeCloseTo(Math.min(...pair[1]!.shape.map((p) => p.x)), 6);
    expect(openedOf(at({ doors: 'sliding', tiers: [600] }))).toEqual([]);
  });
  test('before one opening of a cabinet only that one swings', () => {
    const bays = [
      {
        width: 564,
        cells: [
          { height: 200, access: 'open' },
          { height: 400, access: 'door' },
        ],
      },
    ];
    const parts = openedOf(at({ kind: 'cabinet', tiers: [], bays, height: 654 }));
    expect(parts).toMatchObject([{ slot: 'b1c2', kind: 'door', out: 564, bottom: 18, top: 418 }]);
  });
});

test('a lid takes its footprint, up to its depth above the box', () => {
  const [lid] = openedOf(at({ kind: 'trunk', tiers: [], height: 450 }));
  expect(lid).toMatchObject({ kind: 'lid', bottom: 450, top: 850 });
  expect(signedArea(lid!.shape)).toBeCloseTo(600 * 400, 6);
});

describe('a corner cabinet', () => {
  // Legs of 900 mm along both walls and sides of 350: 900√2 across, the front 2 (width - depth).
  const [leg, side] = [900, 350];
  const [width, depth] = [leg * Math.SQRT2, (leg + side) / Math.SQRT2];
  const unit = at({ kind: 'corner cabinet', width, depth, tiers: [380], doors: 'left', board: 16 });

  test('has legs, sides and front as one works them out by hand', () => {
    const feet = footprint(unit);
    const sides = feet.map((p, i) => distance(p, feet[(i + 1) % 5]!));
    expect(sides[0]).toBeCloseTo(leg, 6);
    expect(sides[1]).toBeCloseTo(side, 6);
    expect(sides[2]).toBeCloseTo((leg - side) * Math.SQRT2, 6);
    expect(sides[2]).toBeCloseTo(cornerFront(unit), 6);
    expect(signedArea(feet)).toBeCloseTo(leg ** 2 - (leg - side) ** 2 / 2, 3);
  });
  test('its box inside lies within it, behind the whole front', () => {
    const [place] = compartmentsOf(unit);
    expect(place!.inside.width).toBeCloseTo(cornerFront(unit) - 32, 6);
    const half = place!.inside.width / 2;
    const back = depth - 16 - place!.inside.depth;
    for (const [x, y] of [
      [-half, back],
      [half, back],
      [-half, depth - 16],
      [half, depth - 16],
    ] as const)
      expect(inside({ x: 1000 + x, y: 1000 - depth / 2 + y }, footprint(unit), 17)).toBe(true);
  });
});

test('the parts of a carousel share its circle: boxes no larger than a sector', () => {
  for (const columns of [2, 3, 6, 10]) {
    const unit = at({ kind: 'carousel', width: 300, depth: 300, columns, tiers: [150], board: 6, height: 160 });
    const parts = compartmentsOf(unit);
    expect(parts).toHaveLength(columns);
    const sector = (Math.PI * 150 ** 2) / columns;
    for (const p of parts) {
      expect(p.inside.width * p.inside.depth).toBeLessThan(sector);
      expect(p.inside.width * p.inside.depth).toBeGreaterThan(sector * 0.3);
    }
  }
});
