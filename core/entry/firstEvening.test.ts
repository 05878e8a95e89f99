/** What a typed line means on a first evening: for what it is, how many, in what, in which state. */
import { writePaper } from '../fit/paperWeight.ts';
import fc from 'fast-check';
import { runs } from '@heronstone/testing/runs.ts';
import { CRAFTS_KNOWN } from '@heronstone/library/crafts.ts';
import { EVERYDAY_NAMES } from '@heronstone/library/everyday.ts';
import { KNOWN } from '@heronstone/library/known.ts';
import { STARTERS } from '@heronstone/library/starter.ts';
import { USUAL_KINDS } from '@heronstone/library/usualSizes.ts';
import { applyChanges, set } from '../model/change.ts';
import { emptyPlan, type Plan } from '../model/plan.ts';
import { addSupplies } from './addSupplies.ts';
import { amountsOf, setAmount } from './amountChips.ts';
import { stems } from './comparableWords.ts';
import { craftsMeant } from './crafts.ts';
import { readLine } from './read.ts';
import { confirmUses, guessedGroups, replaceUses, unsureThings, usesForAll } from './useChanges.ts';
import { usesOfThing } from './usedFor.ts';

let n = 0;
const newId = () => `f${n++}`;
const making = (crafts: string): Plan =>
  applyChanges(
    emptyPlan({ id: 'p', units: 'imperial' }),
    craftsMeant(crafts, CRAFTS_KNOWN).map((name) => {
      const id = newId();
      return set('activities', id, { id, name, sessionsPerWeek: 2, minutes: 60, station: null });
    }),
  ).plan;
const line = (text: string, system: 'metric' | 'imperial' = 'imperial') => readLine(text, system, [], KNOWN.kinds);
const usesIn = (plan: Plan, text: string): string[] => {
  const { kind, states } = line(text);
  return usesOfThing(plan, { line: text, kind, states }, KNOWN).map((u) => u.activity);
};

test('crafts are understood as makers say them, and several of one kind are one', () => {
  expect(craftsMeant('card making, sewing and knitting', CRAFTS_KNOWN)).toEqual(['Card making', 'Sewing', 'Knitting']);
  expect(craftsMeant('watercolour and acrylic painting', CRAFTS_KNOWN)).toEqual(['Watercolour and acrylic painting']);
  for (const text of ['cross stitch', 'memory keeping', 'jewelry making', 'pocket pages', 'resin', 'lino printing'])
    expect([text, CRAFTS_KNOWN.named(text).length]).toEqual([text, 1]);
  expect(CRAFTS_KNOWN.named('machine embroidery').map((c) => c.key)).toEqual(['memb']);
});

test.each([
  ['sewing, jewelry making, cards', 'die machine', ['Cards']],
  ['sewing, jewelry making, cards', 'washi tape', ['Cards']],
  ['sewing, jewelry making, cards', 'sewing machine', ['Sewing']],
  ['sewing, jewelry making, cards', 'scissors', ['Cards', 'Jewelry making', 'Sewing']],
  ['sewing, quilting', 'thread', ['Quilting', 'Sewing']],
  ['sewing, quilting', 'quilt books', ['Quilting']],
  ['stamping, scrapbooking', 'border punches', ['Scrapbooking']],
  ['sewing, knitting', 'hooks and eyes', ['Sewing']],
  ['sewing, knitting', 'the blue tin', []],
  ['sewing, knitting', 'odds and ends', []],
  ['sewing, knitting', 'pottery wheel', []],
  ['puppets', 'thread', ['Puppets']],
])('where one makes %s, “%s” is for %j', (crafts, text, uses) => {
  expect(usesIn(making(crafts), text)).toEqual(uses);
});

test('every use that nobody said says from what it was guessed', () => {
  const plan = making('sewing, cards');
  for (const text of ['ink pads', 'thread', 'scissors', 'quilt books'])
    for (const use of usesOfThing(plan, { line: text, ...pick(text) }, KNOWN)) expect(use.guessedFrom).not.toBe('');
});
const pick = (text: string) => {
  const { kind, states } = line(text);
  return { kind, states };
};

test.each([
  ['ink pads', 12, 72],
  ['cardstock', 40, 300],
  ['punches', 4, 30],
  ['an ink pad', 1, 1],
  ['iron', 1, 1],
  ['10 packs of 12 x 12 cardstock of 24 sheets', 240, 240],
  ['2 packs of black cardstock of 24', 48, 48],
  ['2 packs of black cardstock 12 x 12 of 24', 48, 48],
  ['three 12x12 albums', 3, 3],
  ['200 gemstone beads in 4 boxes', 200, 200],
  ['300 jump rings in 3 boxes', 300, 300],
  ['three hundred buttons', 300, 300],
  ['2 boxes of rubber stamps', 10, 80],
  ['presser feet', 4, 20],
  ["tailor's ham", 1, 1],
])('“%s” is %d to %d', (text, least, most) => {
  const { count, countFrom } = line(text).draft!;
  expect(count).toBeGreaterThanOrEqual(least);
  expect(count).toBeLessThanOrEqual(most);
  // What was typed is no guess; what was not is marked.
  expect(countFrom !== '').toBe(least !== most);
});

test.each([
  ['sequins in jars', 'jar', 6],
  ['12 zip bags of beads', 'zip bag', 12],
  ['ribbon on pegs', 'peg', 1],
  ['a tub of felt', 'tub', 1],
  ['200 gemstone beads in 4 boxes', 'box', 4],
])('“%s” is kept in a %s', (text, word, number) => {
  expect(line(text).holder).toMatchObject({ word, number });
});

test('states of a thing are acted on; spare leaves the name, the others tell it from its like', () => {
  expect(line('spare glue').draft).toMatchObject({ name: 'Glue', count: 2, backstock: 2 });
  expect(line('old rubber stamps').draft).toMatchObject({ name: 'Old rubber stamps', life: 'retired' });
  expect(line('Christmas ribbon').draft).toMatchObject({ season: 'Christmas', name: 'Christmas ribbon' });
  expect(line('finished cards').draft).toMatchObject({ category: 'finished work' });
  expect(line('unfinished quilt tops').draft).toMatchObject({ category: 'projects' });
  expect(line('markers, tips down').draft).toMatchObject({ name: 'Markers', stands: 'tips down' });
  expect(line('favourite hook').draft!.traits).toContain('keep in view');
});

test.each([
  ['acrylic stamps', 'stamps', [178, 127, 5]],
  ['900 tiny die cuts', 'trims', [25, 19, 0.4]],
  ['100 wonder clips', 'tools', [29, 16, 10]],
  ['letter stickers', 'stickers', [305, 152, 0.2]],
  ['60 foam applicators', 'brushes', [57, 38, 38]],
  ['half sheets of 12x12 cardstock', 'card and paper', [305, 152, 0.27]],
  ['18 tiles, 50mm wide, 6 thick', 'tiles', [50, 50, 6]],
  ['album 12 x 12', 'albums', [360, 330, 57]],
  ['#10 envelopes', 'envelopes', [241, 105, 0.3]],
])('“%s” is of kind %s and about %j mm', (text, kind, size) => {
  const s = line(text).draft!;
  expect(s.category).toBe(kind);
  const got = [s.length, s.width, s.thickness].sort((a, b) => b - a);
  got.forEach((mm, i) => expect(Math.abs(mm - size[i]!)).toBeLessThanOrEqual(Math.max(0.1, size[i]! * 0.1)));
});

test.each([
  ['glue gun sticks 11 mm', [100, 11, 11]],
  ['pint jar', [127, 82, 82]],
  ['quart jar', [178, 95, 95]],
  ['box file', [370, 260, 75]],
  ['bead storage box', [280, 190, 45]],
  ['5 ml watercolour tube', [70, 16, 16]],
  ['ironing board', [1350, 380, 70]],
  ['magazine file', [310, 250, 90]],
  ['thimble', [22, 18, 18]],
  ['yarn cake', [120, 120, 80]],
  ['protractor', [150, 80, 2]],
  ['chalk', [80, 10, 10]],
])('a usual %s is about %j mm', (text, size) => {
  const s = line(text, 'metric').draft!;
  const got = [s.length, s.width, s.thickness].sort((a, b) => b - a);
  got.forEach((mm, i) => expect(Math.abs(mm - size[i]!)).toBeLessThanOrEqual(Math.max(0.6, size[i]! * 0.12)));
});

/** TAPPI T 410: 140 lb watercolour is 298 g/m² (22 x 30 in), 40 lb kraft 65 (24 x 36 in). */
test.each([
  ['140 lb cold press', 298, '140 lb watercolour'],
  ['140 lb watercolor paper', 298, '140 lb watercolour'],
  ['40 lb kraft paper', 65, null],
  ['125 lb tag', 203, '125 lb tag'],
  ['150 lb tag', 244, '150 lb tag'],
  ['24 lb laser paper', 90, '24 lb bond'],
  ['80 lb cover', 216, '80 lb cover'],
])('“%s” is %d g/m², and is printed back as %s', (text, gsm, printed) => {
  const { grammage } = line(text).supply;
  expect(Math.round(grammage!)).toBe(gsm);
  if (printed !== null) expect(writePaper(grammage!, 'imperial')).toBe(printed);
});

test('many at once: uses are replaced and confirmed, groups are named, what is unsure is asked', () => {
  let plan = making('sewing, cards');
  const lines = ['thread', 'ink pads', 'cardstock', 'the blue tin'];
  const drafts = lines.map((l) => ({ draft: line(l).draft!, uses: [] }));
  plan = applyChanges(plan, addSupplies(plan, drafts, newId)).plan;
  plan = applyChanges(plan, usesForAll(plan, KNOWN, newId)).plan;
  expect(unsureThings(plan).map((s) => s.name)).toEqual(['Blue tin']);
  expect(guessedGroups(plan).map((g) => g.supplies.length)).toEqual([2, 1]);
  const idOf = (name: string) => Object.values(plan.activities).find((a) => a.name === name)!.id;
  const cards = guessedGroups(plan)[0]!.supplies.map((s) => s.id);
  plan = applyChanges(plan, replaceUses(plan, cards, [idOf('Sewing')], newId)).plan;
  const of = (id: string) => Object.values(plan.uses).filter((u) => u.supply === id);
  for (const id of cards) expect(of(id)).toMatchObject([{ activity: idOf('Sewing'), guessedFrom: '' }]);
  plan = applyChanges(plan, confirmUses(plan, Object.keys(plan.supplies))).plan;
  expect(guessedGroups(plan)).toEqual([]);
});

test('a few, some, lots: a third of the usual amount, it, and three times as many', () => {
  const pads = { ...line('ink pads').draft!, id: 'pads' };
  const { few, some, lots } = amountsOf(pads, KNOWN.kinds);
  expect([few, lots]).toEqual([Math.round(some / 3), some * 3]);
  expect(setAmount([pads], 'lots', KNOWN.kinds)).toMatchObject([{ set: { count: lots, countFrom: 'lots' } }]);
});

test('every thing of the table has a size, and every craft that it names is one', () => {
  const known = new Set(
    [
      ...USUAL_KINDS.flatMap((k) => [k.name, ...(k.also ?? [])]),
      ...STARTERS.map((s) => s.draft.name.split(',')[0]!),
      ...STARTERS.map((s) => s.draft.name),
    ].map((name) => stems(name).join(' ')),
  );
  expect(EVERYDAY_NAMES.filter((name) => !known.has(name))).toEqual([]);
  for (const kind of USUAL_KINDS)
    for (const craft of (KNOWN.kinds.find(kind.name)?.everyday?.crafts ?? []).flat())
      expect([kind.name, craft, KNOWN.crafts.byKey(craft) !== undefined]).toEqual([kind.name, craft, true]);
});

test('property: no line is refused for its words, none takes long, and what is kept can be kept', () => {
  const words = fc.constantFrom(
    ...EVERYDAY_NAMES,
    'old',
    'spare',
    '3',
    'in jars',
    'of',
    'ünïcode',
    '🧵',
    'x',
    'half sheets of',
  );
  fc.assert(
    fc.property(fc.array(words, { minLength: 1, maxLength: 6 }), (list) => {
      const read = line(list.join(' '));
      expect(read.draft !== null || read.missing.length + read.problems.length > 0).toBe(true);
      if (read.draft) expect(read.draft.count).toBeGreaterThanOrEqual(1);
    }),
    { numRuns: runs(150) },
  );
});
