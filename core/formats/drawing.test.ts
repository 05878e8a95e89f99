/** Drawings read back by readers that this project did not write: svgson for SVG, the package dxf for DXF. */
import { demoPlan, withFewThings } from '@heronstone/testing/demo.ts';
import { runs } from '@heronstone/testing/runs.ts';
import { Helper } from 'dxf';
import fc from 'fast-check';
import { parseSync, type INode } from 'svgson';
import { having, rectangle, roomOf } from '@heronstone/testing/rooms.ts';
import { set } from '../model/change.ts';
import { signedArea } from '../geometry/geometry.ts';
import { wallsOf } from '../room/walls.ts';
import { drawAbove, drawRound, onPaper } from './drawing.ts';
import { readDxf, writeDxf } from './dxf.ts';
import { writeSvg } from './svg.ts';

const demo = withFewThings(demoPlan(), [], 3);
const lengths = (points: ReadonlyArray<{ x: number; y: number }>) =>
  points.map((a, i) => {
    const b = points[(i + 1) % points.length]!;
    return Math.hypot(a.x - b.x, a.y - b.y);
  });
const walls = wallsOf(demo).map((w) => w.length);
const all = (node: INode, name: string): INode[] => [
  ...(node.name === name ? [node] : []),
  ...node.children.flatMap((c) => all(c, name)),
];
const pointsOf = (node: INode) =>
  node.attributes.points!.split(' ').map((pair) => {
    const [x, y] = pair.split(',').map(Number);
    return { x: x!, y: y! };
  });

describe('SVG', () => {
  test.each([10, 20, 50])('at 1:%i the walls have their lengths on paper', (scale) => {
    const svg = parseSync(writeSvg(drawAbove(demo), scale));
    const [, , wide, high] = svg.attributes.viewBox!.split(' ').map(Number);
    // Millimetres of paper for a user unit, the same in both directions.
    const perUnit = Number.parseFloat(svg.attributes.width!) / wide!;
    expect(svg.attributes.width).toMatch(/mm$/);
    expect(Number.parseFloat(svg.attributes.height!) / high!).toBeCloseTo(perUnit, 6);
    expect(perUnit).toBeCloseTo(1 / scale, 6);
    const outline = pointsOf(
      all(
        svg.children.find((g) => g.attributes.id === 'walls')!,
        'polygon',
      )[0]!,
    );
    lengths(outline).forEach((l, i) => expect(l * perUnit).toBeCloseTo(walls[i]! / scale, 3));
  });
  test('every unit is drawn with its own size, and words are words', () => {
    const odd = having(demo, set('units', 'bench', { name: 'Bench <b> & "co"' }));
    const svg = parseSync(writeSvg(drawAbove(odd), 20));
    const furniture = svg.children.find((g) => g.attributes.id === 'furniture')!;
    const sizes = all(furniture, 'polygon').map((p) =>
      lengths(pointsOf(p))
        .slice(0, 2)
        .map(Math.round)
        .sort((a, b) => a - b)
        .join('x'),
    );
    for (const unit of Object.values(demo.units).filter((u) => u.elsewhere === null))
      expect(sizes).toContain(
        [unit.width, unit.depth]
          .map(Math.round)
          .sort((a, b) => a - b)
          .join('x'),
      );
    const words = all(svg, 'text').map((t) => t.children.map((c) => c.value).join(''));
    expect(words.some((w) => w.includes('Bench') && !w.includes('<b>'))).toBe(true);
  });
  test('round the room: true heights, and the reach of the maker', () => {
    const svg = parseSync(writeSvg(drawRound(demo, 'maker'), 20));
    const faces = all(
      svg.children.find((g) => g.attributes.id === 'walls')!,
      'polygon',
    ).map((p) => lengths(pointsOf(p)));
    expect(faces).toHaveLength(walls.length);
    faces.forEach((f, i) => {
      expect(f[0]).toBeCloseTo(walls[i]!, 2);
      expect(f[1]).toBeCloseTo(demo.meta.ceiling, 6);
    });
    expect(all(svg, 'text').some((t) => t.children[0]?.value.startsWith('shoulder 1,358 mm'))).toBe(true);
  });
  test('a slope cuts the faces of its wall and of those beside it', () => {
    const attic = having(
      rectangle(4000, 3000),
      set('overheads', 'o', { id: 'o', name: 'Slope', kind: 'slope', corner: 'c3', low: 1000, run: 1500 }),
    );
    const lines = drawRound(attic).shapes.filter((s) => s.kind === 'line' && s.layer === 'overhead');
    expect(lines).toHaveLength(3);
  });
  test('what sheet it needs', () => {
    const drawing = drawAbove(rectangle(3000, 2000));
    expect(onPaper(drawing, 20, 'metric')).toMatchObject({ width: 182, height: 132, sheet: 'a4' });
    expect(onPaper(drawing, 10, 'metric').sheet).toBe('a3');
    expect(onPaper(drawing, 1, 'imperial').sheet).toBeNull();
  });
});

describe('DXF out', () => {
  test('another reader finds millimetres, the layers and the walls with their lengths', () => {
    const helper = new Helper(writeDxf(drawAbove(demo)));
    const { header, entities } = helper.parsed as {
      header: { insUnits?: number };
      entities: Array<{ type: string; layer: string; closed?: boolean; vertices?: Array<{ x: number; y: number }> }>;
    };
    expect(header.insUnits).toBe(4);
    const outline = entities.filter((e) => e.layer === 'walls' && e.type === 'LWPOLYLINE');
    expect(outline).toHaveLength(1);
    expect(outline[0]!.closed).toBe(true);
    lengths(outline[0]!.vertices!).forEach((l, i) => expect(l).toBeCloseTo(walls[i]!, 3));
    expect(entities.filter((e) => e.type === 'TEXT').length).toBeGreaterThanOrEqual(20);
  });
  test('property: what is written is read back as the same room', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 2000, max: 8000 }),
        fc.integer({ min: 2000, max: 8000 }),
        fc.integer({ min: 300, max: 1500 }),
        fc.integer({ min: 300, max: 1500 }),
        (x, y, dx, dy) => {
          const l = roomOf([
            [0, 0],
            [x, 0],
            [x, y - dy],
            [x - dx, y - dy],
            [x - dx, y],
            [0, y],
          ]);
          const back = readDxf(writeDxf(drawAbove(l)));
          if (!back.ok) throw new Error(back.message);
          expect(back.outlines[0]!.layer).toBe('walls');
          lengths(back.outlines[0]!.points).forEach((mm, i) => expect(mm).toBeCloseTo(wallsOf(l)[i]!.length, 0));
          expect(back.outlines[0]!.area).toBeCloseTo((x * y - dx * dy) / 1e6, 4);
        },
      ),
      { numRuns: runs(40) },
    );
  });
});

/** A DXF by hand: pairs of group code and value. */
const dxf = (unit: number | null, entities: string, blocks = '') =>
  [
    ...(unit === null ? [] : ['0', 'SECTION', '2', 'HEADER', '9', '$INSUNITS', '70', String(unit), '0', 'ENDSEC']),
    ...(blocks ? ['0', 'SECTION', '2', 'BLOCKS', ...blocks.split(/\s+/), '0', 'ENDSEC'] : []),
    '0',
    'SECTION',
    '2',
    'ENTITIES',
    ...entities.trim().split(/\s+/),
    '0',
    'ENDSEC',
    '0',
    'EOF',
  ].join('\n');
const line = (layer: string, x1: number, y1: number, x2: number, y2: number) =>
  `0 LINE 8 ${layer} 10 ${x1} 20 ${y1} 11 ${x2} 21 ${y2} `;
const poly = (layer: string, points: number[][], closed = 1) =>
  `0 LWPOLYLINE 8 ${layer} 90 ${points.length} 70 ${closed} ${points.map(([x, y, b]) => `10 ${x} 20 ${y} ${b ? `42 ${b}` : ''}`).join(' ')} `;
const L = [
  [0, 0],
  [4, 0],
  [4, 2],
  [2, 2],
  [2, 3],
  [0, 3],
];
const outline = (text: string, unit?: Parameters<typeof readDxf>[1]) => {
  const result = readDxf(text, unit);
  if (!result.ok) throw new Error(result.message);
  return result.outlines[0]!;
};

describe('DXF in', () => {
  test.each([
    [6, 1, 'metres'],
    [4, 1000, 'millimetres'],
    [5, 100, 'centimetres'],
    [1, 1000 / 25.4, 'inches'],
    [2, 1000 / 304.8, 'feet'],
  ])('unit %i: an L of 10 m² drawn in %f units a metre (%s)', (unit, per, name) => {
    const text = dxf(
      unit,
      poly(
        'plan',
        L.map(([x, y]) => [x! * per, y! * per]),
      ),
    );
    const result = readDxf(text);
    expect(result).toMatchObject({ ok: true, unit: name });
    expect(outline(text).area).toBeCloseTo(10, 6);
    expect(signedArea(outline(text).points)).toBeGreaterThan(0);
    expect(
      lengths(outline(text).points)
        .map(Math.round)
        .sort((a, b) => a - b),
    ).toEqual([1000, 2000, 2000, 2000, 3000, 4000]);
  });
  test('lines in any order and direction are joined; stray layers do not disturb', () => {
    const text = dxf(
      6,
      line('walls', 0, 0, 4, 0) +
        line('wires', 0, 0, 9, 9) +
        line('walls', 4, 3, 4, 0) +
        line('walls', 0, 3, 4, 3) +
        line('walls', 0, 0, 0, 3) +
        poly('table', [
          [1, 1],
          [2, 1],
          [2, 2],
          [1, 2],
        ]) +
        '0 CIRCLE 8 lamp 10 1 20 1 40 0.2 ',
    );
    const result = readDxf(text);
    if (!result.ok) throw new Error(result.message);
    expect(result.outlines.map((o) => [o.layer, o.area])).toEqual([
      ['walls', 12],
      ['table', 1],
    ]);
    expect(result.notes).toEqual(['1 circle left out']);
  });
  test('blocks are taken apart, turned and scaled', () => {
    const blocks = `0 BLOCK 8 0 2 room 70 0 10 0 20 0 3 room ${poly('0', [
      [0, 0],
      [2, 0],
      [2, 1.5],
      [0, 1.5],
    ])} 0 ENDBLK 8 0`;
    const text = dxf(6, '0 INSERT 8 shell 2 room 10 5 20 5 41 2 42 2 50 90 ', blocks);
    expect(outline(text)).toMatchObject({ layer: 'shell', area: 12 });
    // Turned by 90 degrees it is 3 m wide and 4 m high.
    expect(Math.max(...outline(text).points.map((p) => p.x))).toBeCloseTo(3000, 3);
    expect(Math.max(...outline(text).points.map((p) => p.y))).toBeCloseTo(4000, 3);
  });
  test('a half-round bay becomes chords, its area within 2 %', () => {
    // A bulge of 1 is half a circle to the right of the way it is drawn.
    const text = dxf(
      6,
      poly('plan', [
        [0, 0],
        [4, 0, 1],
        [4, 2],
        [0, 2],
      ]),
    );
    const area = outline(text).area;
    expect(area / (8 + Math.PI / 2)).toBeGreaterThan(0.98);
    expect(area / (8 + Math.PI / 2)).toBeLessThan(1.0001);
  });
  test.each([
    ['no DXF', 'hello', /not a DXF/],
    ['no unit', dxf(null, poly('plan', L)), /does not say its unit/],
    ['a strange unit', dxf(3, poly('plan', L)), /unit that is not read here \(number 3\)/],
    ['no lines', dxf(6, '0 CIRCLE 8 a 10 0 20 0 40 2 '), /no closed outline .*no lines/],
    ['lines that do not close', dxf(6, line('w', 0, 0, 4, 0) + line('w', 4, 0, 4, 3)), /do not close/],
    ['too small', dxf(4, poly('plan', L)), /no closed outline/],
    [
      'a crossing',
      dxf(
        6,
        poly('plan', [
          [0, 0],
          [4, 0],
          [4, 3],
          [2, -1],
          [0, 3],
        ]),
      ),
      /crosses itself/,
    ],
  ])('%s is refused with a reason', (_, text, reason) => {
    const result = readDxf(text);
    expect(result.ok).toBe(false);
    expect(result.ok ? '' : result.message).toMatch(reason);
  });
  test('a unit can be said when the file does not', () => {
    expect(outline(dxf(null, poly('plan', L)), 'm').area).toBeCloseTo(10, 6);
  });
});
