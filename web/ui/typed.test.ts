import fc from 'fast-check';
import { partsOfList, writeLengths } from '@heronstone/core/model/written.ts';
import { runs } from '@heronstone/testing/runs.ts';
import { measured, readsLength, readsNumber, readsOptional, readsText, type Reads } from './typed.ts';

const wrong = <V>(reads: Reads<V>, text: string) => reads.safeParse(text).error?.issues[0]?.message;

describe('what is typed into a field', () => {
  it('reads lengths in both systems, and says the limits in the words of the plan', () => {
    const metric = readsLength('Width', 'metric', 100, 3000);
    expect(metric.parse('76 cm')).toBe(760);
    expect(metric.parse(' 1,500 mm ')).toBe(1500);
    expect(wrong(metric, '5000')).toBe('Width is between 100 mm and 3,000 mm.');
    expect(wrong(metric, '-20')).toContain('negative');
    expect(wrong(metric, 'wide')).toContain('is not a length');
    const imperial = readsLength('Width', 'imperial', 101.6, 3048);
    expect(imperial.parse("2' 6")).toBeCloseTo(762, 6);
    expect(wrong(imperial, '1')).toBe('Width is between 4 in and 10 ft.');
  });

  it('takes a minus only where a place can lie on the other side', () => {
    expect(readsLength('From the wall', 'metric', -500, 500).parse('−120')).toBe(-120);
  });

  /** What is typed into a field, kept, written into it again, and typed again as it is written. */
  const there = <V>(reads: Reads<V>, text: string, write: (value: V) => string) => {
    const value = reads.parse(text);
    const written = write(value);
    return { value, written, again: reads.parse(written) };
  };
  const LENGTHS = {
    metric: fc.integer({ min: 1, max: 600_000 }).map((n) => `${n / 100} mm`),
    centimetres: fc.integer({ min: 1, max: 600_000 }).map((n) => `${n / 1000} cm`),
    imperial: fc.tuple(fc.integer({ min: 0, max: 230 }), fc.integer({ min: 1, max: 63 })).map(([inches, parts]) => {
      const [n, of] = reduced(parts, 64);
      const fraction = `${n}/${of}`;
      const [feet, rest] = [Math.floor(inches / 12), inches % 12];
      if (inches < 48) return `${inches === 0 ? '' : `${inches} `}${fraction} in`;
      return `${feet} ft ${rest === 0 ? '' : `${rest} `}${fraction} in`;
    }),
  };
  const reduced = (n: number, of: number): [number, number] => (n % 2 === 0 ? reduced(n / 2, of / 2) : [n, of]);
  const plain = (text: string) => text.replaceAll(',', '');

  it.each(['metric', 'centimetres', 'imperial'] as const)(
    'prints back what was typed, to the last digit, from every kind of field (%s)',
    (system) => {
      const mass = system === 'imperial' ? (['oz', 'lb', 1600, 16] as const) : (['g', 'kg', 99_999, 1000] as const);
      const volume =
        system === 'imperial' ? (['fl oz', 'qt', 3100, 32] as const) : (['ml', 'l', 99_999, 1000] as const);
      fc.assert(
        fc.property(
          LENGTHS[system],
          fc.integer({ min: 1, max: 9_999_999 }),
          fc.integer({ min: 1, max: 3000 }),
          (length, n, paper) => {
            const typed = there(readsLength('Width', system, 0, 9000), length, (mm) => measured('length', mm, system));
            expect(plain(typed.written)).toBe(length);
            expect(typed.again).toBeCloseTo(typed.value, 6);
            const optional = readsOptional('Clear', 'length', system, 0, 9000);
            expect(plain(there(optional, length, (mm) => measured('length', mm!, system)).written)).toBe(length);
            for (const [measure, [small, large, most, per]] of [
              ['mass', mass],
              ['volume', volume],
            ] as const) {
              const amount = (n % (most * 10)) / 100 + 0.01;
              const tidied = Number(amount.toFixed(2));
              const text = `${tidied} ${tidied < per ? small : large}`;
              const reads = readsOptional('It', measure, system, 0, 1e9);
              const { written, value, again } = there(reads, text, (v) => measured(measure, v!, system));
              expect(again).toBeCloseTo(value!, 6);
              if (tidied < per) expect(plain(written)).toBe(text);
            }
            const number = there(readsNumber('Count', 0, 1e7, false), String(n / 100), (v) =>
              measured('number', v, system),
            );
            expect(plain(number.written)).toBe(String(n / 100));
            const weight = `${paper / 10} g/m²`;
            const sheet = readsOptional('Weight', 'paper', system, 0, 5000);
            const grammage = there(sheet, weight, (v) => measured('paper', v!, system));
            expect(grammage.again).toBeCloseTo(grammage.value!, 9);
            if (system !== 'imperial') expect(plain(grammage.written)).toBe(weight);
          },
        ),
        // Six measures each: ten thousand in each system.
        { numRuns: runs(1700, 20_000) },
      );
    },
  );

  it('prints back paper by the pound of its kind, thin sheets and lists of inside heights', () => {
    const paper = readsOptional('Weight', 'paper', 'imperial', 5, 5000);
    for (const text of [
      '80 lb cover',
      '20 lb bond',
      '70 lb text',
      '110 lb index',
      '100 lb bristol',
      '100 lb tag',
      '140 lb watercolour',
      '83 lb cover',
    ])
      expect(measured('paper', paper.parse(text)!, 'imperial')).toBe(text);
    expect(measured('length', 0.27, 'metric')).toBe('0.27 mm');
    expect(measured('length', 0.27, 'imperial')).toBe('0.011 in');
    const tiers = [60, 62.5, 1100, 1100.5];
    for (const system of ['metric', 'centimetres', 'imperial'] as const)
      expect(
        partsOfList(writeLengths(tiers, system)).map((part) => readsLength('Tier', system, 0, 3000).parse(part)),
      ).toEqual(tiers.map((mm) => expect.closeTo(mm, 1) as number));
    expect(partsOfList('1,100; 200, 300,400')).toEqual(['1,100', '200', '300,400']);
  });

  it('reads 1,000, ½, .5 in and 4\'-6"', () => {
    expect(readsNumber('Count', 0, 5000, true).parse('1,000')).toBe(1000);
    expect(readsNumber('Share', 0, 1, false).parse('½')).toBe(0.5);
    expect(readsLength('Width', 'metric', 0, 5000).parse('1,000')).toBe(1000);
    expect(readsLength('Width', 'imperial', 0, 5000).parse('.5 in')).toBeCloseTo(12.7, 9);
    expect(readsLength('Width', 'imperial', 0, 5000).parse('12½')).toBeCloseTo(317.5, 9);
    expect(readsLength('Width', 'imperial', 0, 5000).parse('4\'-6"')).toBeCloseTo(1371.6, 9);
    expect(readsLength('Width', 'imperial', 0, 5000).parse('½ in')).toBeCloseTo(12.7, 9);
    expect(readsOptional('Load', 'heavy', 'metric', 0, 2e6).parse('1,000 kg')).toBe(1e6);
    expect(readsOptional('Mass', 'mass', 'imperial', 0, 2e6).parse('½ lb')).toBeCloseTo(226.796, 3);
  });

  it('asks for whole numbers, names and limits', () => {
    expect(readsNumber('Count', 1, 100, true).parse('12')).toBe(12);
    expect(wrong(readsNumber('Count', 1, 100, true), '1.5')).toBe('Count is a whole number from 1 to 100.');
    expect(wrong(readsNumber('Count', 1, 100, false), '')).toBe('Count is a number from 1 to 100.');
    expect(readsNumber('Share', 0, 1, false).parse('0,5')).toBe(0.5);
    const often = readsNumber('Times a week', 0.01, 70, false, 'What is never done is removed.');
    expect(wrong(often, '0')).toBe('What is never done is removed.');
    expect(wrong(often, '10,000')).toBe('Times a week is a number from 0.01 to 70.');
    expect(wrong(readsText(false), '  ')).toBe('A name is needed.');
    expect(readsText(true).parse(' ')).toBe('');
  });

  it('lets what is optional be empty, and keeps weights as grams, volumes as litres, paper as g/m²', () => {
    const load = readsOptional('Load', 'heavy', 'metric', 0, 200_000);
    expect(load.parse('')).toBeNull();
    expect(load.parse('2,5')).toBe(2500);
    expect(wrong(load, '300')).toBe('Load is between 0 g and 200 kg, or empty.');
    expect(wrong(load, 'much')).toMatch(/“much” was not understood. Type for example 9 kg/);
    expect(load.parse('800 g')).toBe(800);
    const pounds = readsOptional('Load', 'heavy', 'imperial', 0, 200_000);
    expect(pounds.parse('20')).toBeCloseTo(9071.8, 1);
    expect(pounds.parse('1 lb 4 oz')).toBeCloseTo(566.99, 2);
    expect(readsOptional('Room', 'volume', 'imperial', 0, 100).parse('2 quarts')).toBeCloseTo(1.8927, 4);
    // TAPPI T 410 and the basic sizes of the trade: 80 lb cover is 216.33 g/m², 20 lb bond 75.19.
    const paper = readsOptional('Weight', 'paper', 'imperial', 5, 5000);
    expect([paper.parse('80 lb cover'), paper.parse('20# bond'), paper.parse('220 gsm')]).toEqual([216.33, 75.19, 220]);
    expect(readsOptional('Clear', 'length', 'metric', 0, 3000).parse('60 cm')).toBe(600);
  });
});
