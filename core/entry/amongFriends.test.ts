/** Lines as one tells them to a friend, by what a person who knows the crafts would take from them. The lines are our own. */
import { KNOWN } from '@heronstone/library/known.ts';
import { emptyPlan } from '../model/plan.ts';
import { applyChanges, set } from '../model/change.ts';
import { nameApart, sameIn, stockOf } from './alreadyOwned.ts';
import { thingsIn } from './list.ts';
import { readLine } from './read.ts';
import { writePaper } from '../fit/paperWeight.ts';
import { usesOfThing } from './usedFor.ts';

const line = (text: string, system: 'centimetres' | 'imperial' = 'imperial') =>
  readLine(text, system, [], KNOWN.kinds, new Set(['stamp', 'cards', 'sew', 'quilt', 'crochet']));

test.each([
  ['stencils, 6x6, maybe 50', 'Stencils', 50, 50],
  ['fabric for dresses, 30 or so', 'Fabric for dresses', 30, 30],
  ['my washi tape - lots', 'Washi tape', 60, 200],
  ['ribbon, loads', 'Ribbon', 40, 200],
  ['elastic, a few widths', 'Elastic', 2, 6],
  ['pliers (3 kinds)', 'Pliers', 3, 3],
  ['interfacing, three kinds', 'Interfacing', 3, 3],
  ['loose photos, thousands', 'Photos', 1000, 5000],
  ['a stack of card', 'Card', 30, 200],
  ['seed beads, 60 tubes', 'Seed beads', 60, 60],
  ['pearl cotton balls, 30', 'Pearl cotton balls', 30, 30],
  ['white cardstock, 3 reams of 250', 'White cardstock', 750, 750],
  ['scales for parcels', 'Scales for parcels', 1, 1],
  ['turps', 'Turps', 1, 1],
  ['cotton prints, 30 yards', 'Cotton prints', 1, 1],
  ['art prints, 30 yards', 'Art prints', 1, 60],
  ['zippers, 7 inch and 9 inch', 'Zippers', 2, 2],
  ['drawing board', 'Drawing board', 1, 1],
  ['book board', 'Book board', 4, 40],
  ['mallet', 'Mallet', 1, 1],
  ['elastic: 6 mm, 10 mm, 25 mm', 'Elastic', 3, 3],
  ['ribbon and lace in a tin', 'Ribbon and lace', 5, 60],
  ['glazes, 12 pints', 'Glazes', 12, 12],
  ['finished pots', 'Finished pots', 2, 12],
  ['envelopes in three sizes, 150', 'Envelopes in three sizes', 150, 150],
  ['serger with four cones of thread', 'Serger with four cones of thread', 1, 1],
  ['a blanket I started', 'Blanket in progress', 1, 1],
  ['knitting magazines 2010 to 2020', 'Knitting magazines', 5, 60],
  ['hoops 4" to 12"', 'Hoops', 2, 20],
  ['coloured cardstock, 12 colours, 10 each', 'Coloured cardstock', 120, 120],
  ['overlock thread, 12 big cones', 'Overlock thread', 12, 12],
  ['box of crayons', 'Box of crayons', 1, 1],
  ['re-inker bottles', 'Re-inker', 6, 40],
  ['diamond painting kits', 'Diamond painting kits', 2, 8],
  ['candle wax flakes 10 lb', 'Candle wax flakes', 1, 1],
  ['hot glue sticks, 5 lb box', 'Hot glue sticks', 100, 500],
  ['scraps of cardstock in 10 bags', 'Scraps of cardstock', 50, 2000],
  ['artificial flowers, a box of stems', 'Artificial flowers', 6, 60],
])('“%s” is %s, %d to %d of them', (text, name, least, most) => {
  const { draft } = line(text);
  expect(draft).toMatchObject({ name });
  expect(draft!.count).toBeGreaterThanOrEqual(least);
  expect(draft!.count).toBeLessThanOrEqual(most);
});

test.each([
  ['embossing powders in little jars, 22', 'Embossing powders', 'jar', 1, 22],
  ['jump rings in a divided box', 'Jump rings', 'box', 1, null],
  ['clear stamps in plastic cases, 75 cases', 'Clear stamps', 'case', 75, null],
  ['beads in jars, about 15 jars', 'Beads', 'jar', 15, null],
  ['sequins in little jars, 40', 'Sequins', 'jar', 40, null],
  ['craft glue, big jar', 'Craft glue', 'jar', 1, 1],
  ['pins in a dish', 'Pins', 'dish', 1, null],
  ['crochet hooks in a roll', 'Crochet hooks', 'tool roll', 1, null],
  ['bag of zips', 'Zips', 'bag', 1, null],
  ['sewing clips, a jar of', 'Sewing clips', 'jar', 1, null],
])('“%s” is %s, kept in a %s', (text, name, word, number, count) => {
  const read = line(text);
  expect(read.supply.name).toBe(name);
  expect(read.holder?.word).toBe(word);
  expect(read.holder!.number).toBeGreaterThanOrEqual(number);
  if (count !== null) expect(read.supply.count).toBe(count);
});

test.each([
  ['rotary cutter blades', 'Rotary cutter blade'],
  ['floss cards', 'Floss card'],
  ['zip foot', 'Zip foot'],
  ['press stud pliers', 'Pliers'],
  ['stencil paste', 'Stencil paste'],
  ['mats for the electronic cutter, 3', 'Cutter mat'],
  ['embroidery machine with 4 hoops', 'Embroidery machine'],
  ['vinyl rolls on a pegboard rack, 40', 'Vinyl roll'],
  ['wadding on a roll', 'Wadding'],
  ['wool coating 3 m', 'Wool coating'],
  ['crochet cotton, 25 balls', 'Crochet cotton'],
  ['ribbon 2.5 inch wired, 40 rolls', 'Wired ribbon'],
  ['hooks', 'Crochet hooks'],
  ['bag hardware', 'Bag hardware'],
  ['cutting machine blades', 'Cutting machine blade'],
])('“%s” is a %s', (text, kind) => {
  expect(line(text).kind?.name.toLowerCase()).toBe(kind.toLowerCase());
});

test('what several crafts share is for all of them; what a thing is called is no craft', () => {
  const plan = applyChanges(
    emptyPlan({ id: 'p', units: 'imperial' }),
    ['Sewing', 'Paper cards', 'Drawing', 'Knitting', 'Crafts with children'].map((name) =>
      set('activities', `a${name.length}`, {
        id: `a${name.length}`,
        name,
        sessionsPerWeek: 1,
        minutes: 60,
        station: null,
      }),
    ),
  ).plan;
  const uses = (text: string) => {
    const { kind, states } = line(text);
    return usesOfThing(plan, { line: text, kind, states }, KNOWN).map((u) => u.activity);
  };
  expect(uses('cutting mat')).toEqual(['Crafts with children', 'Paper cards', 'Sewing']);
  expect(uses('fineliners')).toEqual(['Drawing', 'Paper cards']);
  expect(uses('ribbon')).toEqual(['Paper cards', 'Sewing']);
  expect(uses("kids' scissors")).toEqual(['Crafts with children']);
  expect(uses('knit fabric')).toEqual(['Sewing']);
  expect(uses('knit blockers')).toEqual(['Knitting']);
});

test('paper is as thick as its weight says, goes by its pounds, and of another weight is another stock', () => {
  const bond = line('100 sheets of 24 lb bond').draft!;
  expect(bond).toMatchObject({ name: '24 lb bond', count: 100 });
  // 24 lb bond is 90.2 g/m²; paper of that weight is about 0.11 mm thick (common practice, no source).
  expect(bond.thickness).toBeCloseTo(0.113, 2);
  expect(line('110 lb cardstock').draft!.thickness).toBeGreaterThan(line('65 lb cardstock').draft!.thickness * 1.5);
  expect(line('kraft 40 lb').weighed).toBe('40 lb tag');

  const owned = line('white cardstock 65 lb').draft!;
  const { plan } = applyChanges(emptyPlan({ id: 'p', units: 'imperial' }), [
    set('supplies', 'a', { id: 'a', ...owned }),
  ]);
  const typed = line('white cardstock 110 lb');
  const stock = stockOf(plan.supplies);
  expect(sameIn(stock, typed.draft!, typed.weighed !== null)).toBeNull();
  expect(nameApart(stock, typed.draft!, typed.weighed, 'imperial')).toBe('White cardstock, 110 lb cover');
  expect(sameIn(stock, line('white cardstock').draft!, false)?.id).toBe('a');
});

test('what paper is called by in inches is so in centimetres, too; 15 x 15 is none of it', () => {
  expect(line('paper pads 12x12', 'centimetres').draft!.length).toBeCloseTo(304.8, 6);
  expect(line('paper pads 15x15', 'centimetres').draft!.length).toBe(150);
});

test('two things of names of their own are two lines; what only says in what they are is none', () => {
  expect(thingsIn('iron, ironing board', KNOWN.kinds)).toEqual(['iron', 'ironing board']);
  expect(thingsIn('ribbon, satin', KNOWN.kinds)).toEqual(['ribbon, satin']);
  expect(thingsIn('craft knife and cutting mat', KNOWN.kinds)).toEqual(['craft knife', 'cutting mat']);
  for (const one of [
    'paper and fabric scissors',
    'stitch holders and markers',
    'hooks and eyes',
    'hand and machine needles',
    'ribbon and lace scraps',
    'old and new ink pads',
    '3 rulers and cutting mats',
  ])
    expect(thingsIn(one, KNOWN.kinds)).toEqual([one]);
  expect(thingsIn('stamps in binders, 12 binders', KNOWN.kinds)).toHaveLength(1);
});

test('a width of what comes by the yard is none of the card that it is wound on', () => {
  expect(line('elastic 2 cm wide', 'centimetres').draft!.length).toBeGreaterThan(50);
});

test('paper that nobody weighed is of a weight that is sold where one measures', () => {
  expect(writePaper(line('12x12 cardstock').draft!.grammage!, 'imperial')).toBe('80 lb cover');
  expect(writePaper(line('printer paper').draft!.grammage!, 'imperial')).toMatch(/^2[04] lb bond$/);
  expect(line('A4 card', 'centimetres').draft!.grammage).toBe(220);
});
