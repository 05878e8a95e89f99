/** What the Report says of zones and homes, worked out by hand on a room of two seats. */
import { demoPlan } from '@heronstone/testing/demo.ts';
import { applyChanges, set, setMeta, type Change } from '../model/change.ts';
import { sceneOf } from '../scene/scene.ts';
import { homeOfPlacement } from '../zones/named.ts';
import { asksFor, formOf, hasSlots, offers } from '../zones/placeForms.ts';
import { keepZones } from '../gestures/zoneGestures.ts';
import { boxUnit, having as room, rectangle, seatRows, unitRow } from '@heronstone/testing/rooms.ts';
import { thing } from '@heronstone/testing/thing.ts';
import { evaluate } from './evaluate.ts';

const demo = demoPlan();
const having = (...changes: Change[]) => applyChanges(demo, changes).plan;
const report = evaluate(demo);

test('names: lines, places and homes add up; what can be named is what its homes allow', () => {
  const { planned } = report.names;
  const rows = Object.values(demo.placements).filter((p) => p.arrangement === 'planned');
  expect(planned.lines).toBe(rows.length);
  const used = report.compartments.filter((c) => c.homes.planned.length > 0);
  expect(planned.places).toBe(used.length);
  expect(planned.placesNamed).toBe(used.filter((c) => c.canBeNamed.planned).length);
  expect(planned.placesNamed / planned.places).toBeGreaterThanOrEqual(0.95);
  const inOneRun = report.homes.filter((h) => h.runs.planned.length === 1).map((h) => h.id);
  const together = rows.filter((p) => inOneRun.includes(homeOfPlacement(sceneOf(demo), p).id));
  expect(planned.linesTogether).toBe(together.length);
  const runs = report.homes.reduce((n, h) => n + Math.max(0, h.runs.planned.length - 1), 0);
  expect(planned.furtherRuns).toBe(runs);
  // Four lines more of other kinds in a drawer, and nobody can name it.
  const [full] = used.filter((c) => c.canBeNamed.planned && c.unit === 'tall' && c.within === null);
  const kinds = ['gouges', 'silk-scraps', 'buttons', 'dust-masks'];
  const heap = kinds.flatMap((s) =>
    rows
      .filter((p) => p.supply === s)
      .map((p) => set('placements', p.id, { unit: 'tall', slot: full!.slot, container: null })),
  );
  const after = evaluate(having(...heap));
  expect(after.compartments.find((c) => c.id === full!.id)!.canBeNamed.planned).toBe(false);
  expect(after.names.planned.placesNamed).toBeLessThan(planned.placesNamed);
});

test('purity and flows: what a zone fetches inside, and from whom it borrows', () => {
  for (const z of report.zones) {
    const out = report.flows.planned.filter((f) => f.from === z.id).reduce((n, f) => n + f.fetches, 0);
    const all = Object.values(report.placements)
      .filter((p) => p.arrangement === 'planned')
      .flatMap((p) => p.from.filter((u) => z.activities.includes(u.activity)))
      .reduce((n, u) => n + u.fetches, 0);
    expect(z.purity.planned!).toBeCloseTo(1 - out / all, 9);
  }
  // Everything given to one zone: it has all, and the others borrow all.
  const zone = report.zones[0]!;
  const given = [
    ...report.zones.map((z) => set('zones', z.id, { id: z.id, name: z.name, letter: z.letter, order: z.order })),
    ...report.zones.flatMap((z) => z.activities.map((a) => set('activities', a, { zone: z.id }))),
    ...Object.keys(demo.units).map((unit) =>
      set('allotments', `a-${unit}`, {
        id: `a-${unit}`,
        unit,
        slot: '',
        container: null,
        as: 'zone',
        zone: zone.id,
        firm: false,
      }),
    ),
  ];
  const after = evaluate(having(...given));
  expect(after.zones.map((z) => z.purity.planned)).toEqual([1, 0, 0]);
});

test('need against room: litres and metres of what is there, by form', () => {
  const scene = sceneOf(demo);
  expect(hasSlots(scene.compartments)).toBe(false);
  expect(formOf(demo.supplies['card-a3-white']!, false)).toBe('things');
  expect(formOf(demo.supplies['card-a3-white']!, true)).toBe('sheets');
  expect(formOf(demo.supplies['sewing-machine']!, false)).toBe('tops');
  const machine = demo.supplies['sewing-machine']!;
  expect(asksFor(machine, 0.15)).toBeCloseTo((machine.count * machine.length) / 1000, 9);
  const peg = scene.compartment.get('peg/peg')!;
  expect(offers(peg)).toEqual({ form: 'hung', amount: peg.inside.width / 1000 });
  // The largest gap, and what would close it: nothing that is given away, or of the zone already.
  for (const z of report.zones) {
    const worst = Math.max(0, ...z.need.map((n) => n.asks - n.has));
    if (worst <= 0.05) expect(z.gap).toBeNull();
    else expect(z.gap!.need.asks - z.gap!.need.has).toBe(worst);
    const times = z.gap?.closedBy.map((c) => c.seconds) ?? [];
    expect([...times].sort((a, b) => a - b)).toEqual(times);
    for (const c of z.gap?.closedBy ?? []) expect(z.units).not.toContain(c.unit);
  }
  expect(report.zones.some((z) => z.gap !== null)).toBe(true);
  const [long] = report.zones[0]!.need.filter((n) => n.form === 'long');
  expect(long!.has).toBeLessThanOrEqual(long!.asks);
});

test('a torn set and things that are to lie apart are said, with their places', () => {
  const plan = having(
    set('placements', 'gouges_p1', { unit: 'tall', slot: 'd3', container: null }),
    set('supplies', 'gouges', { together: 'one set' }),
    set('supplies', 'primer', { together: 'one set' }),
    set('aparts', 'p', { id: 'p', things: ['paints', 'Gouges'], why: 'paint on steel' }),
    set('placements', 'primer_p1', { unit: 'tall', slot: 'd3', container: null }),
  );
  const codes = (p: typeof demo) =>
    evaluate(p).findings.filter((f) => f.code === 'set torn' || f.code === 'kept apart');
  expect(codes(plan).map((f) => f.message)).toContainEqual(
    expect.stringMatching(
      /^(Gouges and Primer|Primer and Gouges) are to be kept apart, and lie together in Tall drawers, drawer 3: paint on steel\.$/,
    ),
  );
  const torn = applyChanges(plan, [
    set('placements', 'primer_p1', { unit: 'books', slot: 's6', container: null }),
  ]).plan;
  expect(codes(torn).map((f) => f.message)).toContainEqual(
    expect.stringMatching(/^“one set” is a set, and lies in 2 places: /),
  );
  // A way of sorting by time alone names homes, too.
  const quick = applyChanges(demo, [setMeta(demo, { sorting: { ...demo.meta.sorting, way: 'quickest' } })]).plan;
  expect(evaluate(quick).homes.length).toBe(report.homes.length);
});

test('a home is full where each of its places is; the next place is an empty neighbour', () => {
  const by = new Map(report.compartments.map((c) => [c.id, c]));
  for (const h of report.homes) {
    const all = h.runs.planned.flat();
    const each = all.length > 0 && all.every((id) => ['full', 'over'].includes(by.get(id)!.fill.planned.state));
    expect([h.name, h.full !== false]).toEqual([h.name, each]);
  }
  const filled = (count: number, tiers: number[]) => {
    const plan = room(
      rectangle(4000, 4000, { roomToGrow: 0.15 }),
      unitRow(boxUnit('slots', 2000, 300, 360, 350, { tiers })),
      ...seatRows('s', 2000, 1500),
      set(
        'supplies',
        'p',
        thing({ id: 'p', name: 'Paper', form: 'sheets', length: 305, width: 305, thickness: 0.3, count }),
      ),
      set('placements', 'p', {
        ...{ id: 'p', arrangement: 'planned', supply: 'p', unit: 'slots', slot: 's1', container: null, count },
        ...{ orientation: null, pinned: false, spare: false, part: null, returns: null },
      }),
    );
    return evaluate(plan).homes.find((h) => h.supplies.includes('p'))!.full;
  };
  expect(filled(20, [40, 40])).toBe(false);
  expect(filled(100, [40, 40])).toEqual({ next: 'slots/s2' });
  expect(filled(100, [40])).toEqual({ next: null });
});

test('a gap is closed only by what holds what is short: no cart for a long ruler; what lies on a top asks for no drawer', () => {
  const ruler = thing({ id: 'ruler', name: 'Ruler', form: 'long', length: 900, width: 60, thickness: 5 });
  const plan = room(
    rectangle(5000, 4000),
    unitRow(boxUnit('table', 2000, 600, 1400, 700, { kind: 'table', height: 740, board: 28, tiers: [] })),
    unitRow(boxUnit('drawers', 900, 600, 400, 500, { tiers: [150, 150, 150] })),
    unitRow(boxUnit('cart', 1200, 1800, 400, 300, { tiers: [250, 250], wheels: true })),
    unitRow(boxUnit('bookcase', 2500, 3800, 1200, 300, { height: 1200, tiers: [300, 300, 300] })),
    ...seatRows('s', 2000, 1100, { unit: 'table' }),
    set('activities', 'a', { id: 'a', name: 'Cutting', sessionsPerWeek: 5, minutes: 60, station: 's' }),
    set('supplies', 'ruler', ruler),
    set('uses', 'u', { id: 'u', supply: 'ruler', activity: 'a', fetches: 4 }),
  );
  const kept = room(plan, ...keepZones(evaluate(plan)));
  const given = {
    ...{ unit: 'drawers', slot: '', container: null },
    as: 'zone' as const,
    zone: Object.keys(kept.zones)[0]!,
  };
  const own = room(kept, set('allotments', 'x', { id: 'x', ...given, firm: true }));
  const [zone] = evaluate(own).zones;
  expect(zone!.need.find((n) => n.form === 'things')!.asks).toBeGreaterThan(0);
  expect(zone!.gap).toMatchObject({ need: { form: 'long' } });
  expect(zone!.gap!.closedBy.map((c) => c.unit)).toEqual(['bookcase']);
  const onTop = room(
    own,
    set('units', 'table', { storeDepth: 200 }),
    set('placements', 'p', {
      ...{ id: 'p', arrangement: 'planned', supply: 'ruler', unit: 'table', slot: 'top', container: null, count: 1 },
      ...{ orientation: null, pinned: false, spare: false, part: null, returns: null },
    }),
  );
  expect(evaluate(onTop).zones[0]!.need.some((n) => n.form === 'things')).toBe(false);
});
