import { withFewThings } from '@heronstone/testing/demo.ts';
import { LONG_RUN } from '@heronstone/testing/runs.ts';
import { copyTemplate } from '@heronstone/testing/templates.ts';
import { mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { PDFDocument } from '@cantoo/pdf-lib';
import { evaluate } from '@heronstone/core/report/evaluate.ts';
import { sampleRoom } from '../demo/sampleRooms.ts';
import { readPlanFile, writePlanFile } from '@heronstone/core/formats/planFile.ts';
import { ContainerShapeSchema, emptyPlan, ShapeSchema } from '@heronstone/core/model/plan.ts';
import { main } from './heron.ts';

const demo = fileURLToPath(new URL('../demo/plan.json', import.meta.url));
const folder = mkdtempSync(join(tmpdir(), 'heronstone-cli-'));
const at = (name: string) => join(folder, name);
afterAll(() => rmSync(folder, { recursive: true, force: true }));

async function heron(...args: string[]) {
  let [out, err] = ['', ''];
  const code = await main(args, { out: (t) => (out += t), err: (t) => (err += t) });
  return { code, out, err };
}
const shapeOf = (unit: object) =>
  ShapeSchema.parse(Object.fromEntries(Object.entries(unit).filter(([key]) => key in ShapeSchema.shape)));
const boxOf = (container: object) =>
  ContainerShapeSchema.parse(
    Object.fromEntries(Object.entries(container).filter(([key]) => key in ContainerShapeSchema.shape)),
  );
const planOf = (text: string) => {
  const read = readPlanFile(text);
  if (!read.ok) throw new Error(read.findings[0]!.message);
  return read.plan;
};

describe('heron check', () => {
  test('prints the same Report as the core makes', async () => {
    const { code, out } = await heron('check', demo);
    expect(code).toBe(0);
    expect(JSON.parse(out)).toEqual(JSON.parse(JSON.stringify(evaluate(planOf(readFileSync(demo, 'utf8'))))));
  });

  test('exits 1 with path, value and what would be right for a plan with errors', async () => {
    const plan = JSON.parse(readFileSync(demo, 'utf8'));
    plan.units[0].height = 4;
    writeFileSync(at('bad.json'), JSON.stringify(plan));
    const { code, out } = await heron('check', at('bad.json'));
    expect(code).toBe(1);
    expect(JSON.parse(out).errors[0]).toMatchObject({
      path: 'units.0.height',
      value: 4,
      expected: 'The height is between 10 and 4000 mm.',
    });
  });

  test('exits 1 after the Report when the room has errors', async () => {
    const plan = JSON.parse(readFileSync(demo, 'utf8'));
    plan.units.find((u: { id: string }) => u.id === 'books').height = 2400;
    writeFileSync(at('tall.json'), JSON.stringify(plan));
    const { code, out, err } = await heron('check', at('tall.json'));
    expect(code).toBe(1);
    expect(JSON.parse(out).errors).toBeGreaterThanOrEqual(1);
    expect(err).toMatch(/Bookcase reaches 2,400 mm; the ceiling is at 2,380 mm/);
  });
});

test('heron place gives the same plan twice with the same seed, and it has no errors', async () => {
  // A small room, so that twice takes a moment.
  const room = at('room.json');
  writeFileSync(room, writePlanFile(withFewThings(sampleRoom('yarn'), [], 3)));
  await heron('place', room, '--seed', '4', '--out', at('a.json'));
  const second = await heron('place', room, '--seed', '4', '--seconds', '60', '--out', at('b.json'));
  expect(second.code).toBe(0);
  expect(readFileSync(at('a.json'), 'utf8')).toBe(readFileSync(at('b.json'), 'utf8'));
  expect(JSON.parse(second.out)).toMatchObject({ seed: 4, ended: 'nothing better found' });
  expect(evaluate(planOf(readFileSync(at('a.json'), 'utf8'))).errors).toBe(0);
});

test.each(LONG_RUN ? ['a4', 'letter'] : ['letter'])('heron labels on %s', async (paper) => {
  const { code, out } = await heron('labels', demo, '--paper', paper, '--out', at(`${paper}.pdf`));
  expect(code).toBe(0);
  const doc = await PDFDocument.load(readFileSync(at(`${paper}.pdf`)));
  expect(doc.getPageCount()).toBe(JSON.parse(out).pages);
});

describe('heron supplies', () => {
  test('prints a CSV; with --csv adds the lines of one', async () => {
    const csv = (await heron('supplies', demo)).out;
    expect(csv.split('\n')).toHaveLength(147);
    writeFileSync(
      at('more.csv'),
      'name,count,length,width,thickness,uses\nStencils,12,200,150,1,painting and varnish 2\n',
    );
    const { code, out } = await heron('supplies', demo, '--csv', at('more.csv'));
    expect(code).toBe(0);
    expect(Object.values(planOf(out).supplies).some((s) => s.name === 'Stencils' && s.count === 12)).toBe(true);
  });

  test('a CSV with errors adds nothing and names row and column', async () => {
    writeFileSync(at('wrong.csv'), 'name,count,length,width,thickness\nGood,1,10,10,10\nStencils,many,200,150,1\n');
    const { code, out } = await heron('supplies', demo, '--csv', at('wrong.csv'), '--out', at('never.json'));
    expect(code).toBe(1);
    expect(JSON.parse(out).errors).toMatchObject([{ path: 'row 3, count', value: 'many' }]);
    expect(() => readFileSync(at('never.json'))).toThrow();
  });
});

test('heron import and export carry a plan into a data directory and out again', async () => {
  const data = at('data');
  expect((await heron('export', '--data', data)).err).toMatch(/There is no data/);
  copyTemplate('empty', data);
  expect((await heron('import', demo, '--data', data)).code).toBe(0);
  expect(await heron('import', demo, '--data', data)).toMatchObject({
    code: 2,
    err: expect.stringContaining('give this one another id with --as'),
  });
  expect((await heron('import', demo, '--data', data, '--as', 'second')).code).toBe(0);
  expect((await heron('export', '--data', data)).err).toMatch(/Choose one with --plan: demo .*second/);
  const { out } = await heron('export', '--data', data, '--plan', 'demo');
  expect(out).toBe(readFileSync(demo, 'utf8'));
});

test('rows of every table go into a data directory and come out the same', async () => {
  const plan = planOf(readFileSync(demo, 'utf8'));
  const { applyChanges, set } = await import('@heronstone/core/model/change.ts');
  const full = applyChanges(plan, [
    set('overheads', 'slope', { id: 'slope', name: 'Slope', kind: 'slope', corner: 'ne', low: 1200, run: 800 }),
    set('overheads', 'beam', { id: 'beam', name: 'Beam', kind: 'beam', corner: null, low: 2100, x: 900, y: 900 }),
    set('types', 'own', { id: 'own', name: 'Own', shape: shapeOf(plan.units.locked!) }),
    set('relations', 'r', { id: 'r', a: 'carving', b: 'sewing', closeness: 'X', reason: 'dust' }),
    set('units', 'slim', {
      bays: [{ width: 300, cells: [{ height: 100, access: 'drawer' }] }],
      load: 12_000,
      price: 80,
    }),
    set('people', 'maker', { hand: 'left', wheelchair: true }),
    set('boxtypes', 'bt', { id: 'bt', name: 'Own bin', shape: boxOf(plan.containers.screws!) }),
    set('containers', 'inner', {
      ...plan.containers.screws!,
      id: 'inner',
      width: 50,
      depth: 50,
      height: 30,
      insideWidth: 46,
      insideDepth: 46,
      insideHeight: 28,
      parent: 'screws',
      x: 3.5,
      y: 0,
      turned: true,
    }),
    set('supplies', 'markers', {
      traits: ['keep out of light', 'keepsake'],
      season: 'winter',
      backstock: 12,
      reorderAt: 20,
      parts: 6,
      squeeze: 0.7,
      workBack: 30,
      decision: 'undecided',
      decideBy: '2027-02-01',
      lastUsed: '2026-05-30',
    }),
    set('photos', 'f', {
      id: 'f',
      supply: 'markers',
      type: 'image/jpeg',
      width: 800,
      height: 600,
      taken: '2026-11-01',
      caption: 'before',
    }),
    set('people', 'maker', { eye: 1550, overhead: 2010, lifts: 9000, steps: false, hand: 'left' }),
    set('units', 'books', { keyLocked: true, material: 'plywood' }),
    set('activities', 'theatre', { person: 'apprentice' }),
    set('wishes', 'w', { id: 'w', person: 'apprentice', supply: 'markers', wish: 'should reach' }),
    set('timings', 't', {
      id: 't',
      station: 'seat-bench',
      person: 'apprentice',
      unit: 'slim',
      slot: 'd2',
      supply: 'markers',
      back: true,
      seconds: 12.4,
      day: '2026-11-25',
    }),
    set('bans', 'n', { id: 'n', supply: 'markers', unit: 'books', slot: '' }),
    set('zones', 'z', { id: 'z', name: 'Lettering', letter: 'L', order: 0 }),
    set('homes', 'h', {
      ...{ id: 'h', name: 'Pens', zone: 'z', set: true, inside: ['maker', 'alphabet'], unit: 'tall', slot: 'd2' },
      ...{ firm: true, side: 'left', station: 'seat-bench', other: null },
    }),
    set('allotments', 'a', { id: 'a', unit: 'tall', slot: 'd2', container: null, as: 'zone', zone: 'z', firm: false }),
    set('aparts', 'p', { id: 'p', things: ['inks', 'paints'], why: 'they are mixed up' }),
    set('supplies', 'markers', { together: 'lettering', traits: ['keep in view', 'pretty'] }),
    set('placements', 'markers_t1', {
      spare: true,
      returns: { unit: 'slim', slot: 'd2', container: null, x: null, y: null, turned: false, orientation: 'edge' },
    }),
    set('sittings', 'st', {
      id: 'st',
      day: '2026-11-25',
      estimated: 900.5,
      took: 1000,
      moves: 12,
      before: 200,
      after: 190,
    }),
    {
      table: 'meta',
      id: 'demo',
      set: {
        labelling: {
          ...emptyPlan({ id: 'x' }).meta.labelling,
          grid: { columns: 3, rows: 7, left: 7.2, top: 15.1, across: 66, down: 38.1 },
          shiftX: -0.5,
        },
      },
    },
    set('keeps', 'odds', { id: 'odds', unit: 'slim', slot: 'd3', container: null, for: 'odds', things: [], lines: 4 }),
    { table: 'meta', id: 'demo', set: { constants: { walk: 17, walking: 1.1 } } },
    { table: 'meta', id: 'demo', set: { north: 30, latitude: 51.5, walkway: 750, note: 'cold floor' } },
    {
      table: 'meta',
      id: 'demo',
      set: {
        sorting: {
          way: 'colour',
          shown: 'pretty in view',
          inside: 'rainbow',
          mixtures: [{ station: null, kind: 'paint', way: 'theme' }],
        },
      },
    },
  ]).plan;
  const { writePlanFile } = await import('@heronstone/core/formats/planFile.ts');
  writeFileSync(at('full.json'), writePlanFile(full));
  for (const rows of Object.values(planOf(readFileSync(at('full.json'), 'utf8'))))
    expect(Object.keys(rows).length).toBeGreaterThan(0);
  copyTemplate('empty', at('full'));
  expect((await heron('import', at('full.json'), '--data', at('full'))).code).toBe(0);
  expect((await heron('export', '--data', at('full'))).out).toBe(writePlanFile(full));
});

describe('heron drawing and heron outline', () => {
  test('true to scale on paper, or millimetres in a DXF that reads back as the room', async () => {
    const svg = await heron('drawing', demo, '--scale', '25', '--out', at('room.svg'));
    expect(JSON.parse(svg.out)).toMatchObject({ width: (3450 + 640) / 25, sheet: 'a4' });
    expect(readFileSync(at('room.svg'), 'utf8')).toMatch(/^<svg/);
    expect((await heron('drawing', demo, '--format', 'dxf', '--mode', 'guest', '--out', at('room.dxf'))).code).toBe(0);
    const { code, out } = await heron('outline', at('room.dxf'));
    expect(code).toBe(0);
    expect(JSON.parse(out).outlines[0]).toMatchObject({
      layer: 'walls',
      area: evaluate(planOf(readFileSync(demo, 'utf8'))).room.area,
    });
  });
  test('a mode that is not there and a file that is no DXF are named', async () => {
    expect(await heron('drawing', demo, '--mode', 'party', '--out', at('x.svg'))).toMatchObject({
      code: 2,
      err: expect.stringContaining('there are guest'),
    });
    expect(await heron('outline', demo)).toMatchObject({ code: 2 });
  });
});

describe('heron path and heron room', () => {
  test('the way to a place: length and corner points, the same as the Report has', async () => {
    const { code, out } = await heron('path', demo, '--from', 'seat-bench', '--to', 'cubes/c1r4');
    expect(code).toBe(0);
    const found = JSON.parse(out) as { length: number; points: Array<{ x: number; y: number }> };
    const { reach } = evaluate(planOf(readFileSync(demo, 'utf8'))).compartments.find((c) => c.id === 'cubes/c1r4')!;
    expect(found.length).toBeCloseTo(reach['seat-bench']!.walk, 0);
    expect(found.points).toEqual(reach['seat-bench']!.path);
  });

  test('why there is none: exit 1', async () => {
    const plan = JSON.parse(readFileSync(demo, 'utf8'));
    const cart = plan.units.find((u: { id: string }) => u.id === 'cart');
    // A wall of carts across the room.
    for (let i = 0; i < 8; i++)
      plan.units.push({
        ...cart,
        id: `row${i}`,
        name: `Cart row ${i}`,
        x: 2200,
        y: 190 + i * 370,
        turn: 90,
        width: 370,
      });
    writeFileSync(at('walled.json'), JSON.stringify(plan));
    const { code, out, err } = await heron('path', at('walled.json'), '--from', 'seat-bench', '--to', 'trunk/box');
    expect([code, JSON.parse(out).length]).toEqual([1, null]);
    expect(err).toMatch(/walled in/);
  });

  test('unknown ids are wrong use and name what there is', async () => {
    expect(await heron('path', demo, '--from', 'sofa', '--to', 'trunk/box')).toMatchObject({
      code: 2,
      err: expect.stringContaining('seat-sewing'),
    });
    expect(await heron('path', demo, '--from', 'seat-bench', '--to', 'trunk/d9')).toMatchObject({ code: 2 });
  });

  test('the room: area, and findings with millimetres', async () => {
    const { code, out } = await heron('room', demo);
    expect(code).toBe(0);
    const room = JSON.parse(out) as { area: number; findings: Array<{ code: string; by?: number }> };
    expect(room.area).toBeCloseTo(3.45 * 2.95 + 0.9 * 0.6, 6);
    expect(room.findings).toContainEqual(expect.objectContaining({ code: 'door meets it', by: 50 }));
  });
});

describe('wrong use exits 2', () => {
  test.each([
    [['fly', demo], /unknown command/],
    [['check'], /missing required argument/],
    [['check', '/no/such/file.json'], /there is no such file/],
    [['place', demo, '--seed', 'x'], /whole number from 0/],
    [['labels', demo, '--paper', 'a3', '--out', at('x.pdf')], /Allowed choices are a4, letter/],
    [['labels', demo], /required option '--out/],
  ])('%j', async (args, message) => {
    const { code, err } = await heron(...args);
    expect(code).toBe(2);
    expect(err).toMatch(message);
  });

  test('--help exits 0 and names every command', async () => {
    const { code, out } = await heron('--help');
    expect(code).toBe(0);
    for (const command of ['check', 'place', 'room', 'path', 'labels', 'supplies', 'export', 'import'])
      expect(out).toContain(command);
  });
});
