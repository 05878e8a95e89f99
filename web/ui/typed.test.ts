import fc from 'fast-check';
import { formatLength } from '@heronstone/core/model/measure.ts';
import { runs } from '@heronstone/testing/runs.ts';
import { readsLength, readsNumber, readsOptional, readsText, type Reads } from './typed.ts';

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

  it('reads what it writes', () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 60_000 }), fc.constantFrom('metric', 'imperial'), (tenths, system) => {
        const text = formatLength(tenths / 10, system);
        const read = readsLength('Width', system, 0, 7000).parse(text);
        expect(formatLength(read, system)).toBe(text);
      }),
      { numRuns: runs(300, 5000) },
    );
  });

  it('asks for whole numbers, names and limits', () => {
    expect(readsNumber('Count', 1, 100, true).parse('12')).toBe(12);
    expect(wrong(readsNumber('Count', 1, 100, true), '1.5')).toBe('Count is a whole number from 1 to 100.');
    expect(wrong(readsNumber('Count', 1, 100, false), '')).toBe('Count is a number from 1 to 100.');
    expect(readsNumber('Share', 0, 1, false).parse('0,5')).toBe(0.5);
    expect(wrong(readsText(false), '  ')).toBe('A name is needed.');
    expect(readsText(true).parse(' ')).toBe('');
  });

  it('lets what is optional be empty, and keeps weights as grams, volumes as litres, paper as g/m²', () => {
    const load = readsOptional('Load', 'heavy', 'metric', 0, 200_000);
    expect(load.parse('')).toBeNull();
    expect(load.parse('2,5')).toBe(2500);
    expect(wrong(load, '300')).toBe('Load is between 0 g and 200.0 kg, or empty.');
    expect(wrong(load, 'much')).toMatch(/“much” was not understood. Type for example 9 kg/);
    expect(load.parse('800 g')).toBe(800);
    const pounds = readsOptional('Load', 'heavy', 'imperial', 0, 200_000);
    expect(pounds.parse('20')).toBeCloseTo(9071.8, 1);
    expect(pounds.parse('1 lb 4 oz')).toBeCloseTo(566.99, 2);
    expect(readsOptional('Room', 'volume', 'imperial', 0, 100).parse('2 quarts')).toBeCloseTo(1.8927, 4);
    // TAPPI T 410 and the basic sizes of the trade: 80 lb cover is 216 g/m², 20 lb bond 75.
    const paper = readsOptional('Weight', 'paper', 'imperial', 5, 5000);
    expect([paper.parse('80 lb cover'), paper.parse('20# bond'), paper.parse('220 gsm')]).toEqual([216, 75, 220]);
    expect(readsOptional('Clear', 'length', 'metric', 0, 3000).parse('60 cm')).toBe(600);
  });
});
