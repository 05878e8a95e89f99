import { runs } from '@heronstone/testing/runs.ts';
import fc from 'fast-check';
import {
  formatArea,
  formatLength,
  formatMass,
  formatSize,
  readAmount,
  readLength,
  formatPaper,
  formatVolume,
  onRule,
  UNIT_SYSTEMS,
} from './measure.ts';

const mm = (text: string, system: 'metric' | 'imperial' = 'metric') => {
  const read = readLength(text, system);
  if (!read.ok) throw new Error(read.message);
  return read.mm;
};

describe('reading lengths', () => {
  test.each([
    ['3450', 3450],
    ['3450 mm', 3450],
    ['345 cm', 3450],
    ['3.45 m', 3450],
    ['3,45 m', 3450],
    ['12 1/2 in', 317.5],
    ['12-1/2"', 317.5],
    ['7/8 in', 22.225],
    ['11 ft 4 in', 3454.4],
    ['11\' 3 1/2"', 3441.7],
    ['9 ft', 2743.2],
  ])('%s is %d mm', (text, wanted) => expect(mm(text)).toBeCloseTo(wanted, 6));

  test('a bare number is inches in an imperial plan', () => expect(mm('12 1/2', 'imperial')).toBe(317.5));

  test.each([
    ['', /Type a length/],
    ['-5', /negative/],
    ['−5 mm', /negative/],
    ['wide', /“wide” is not a length/],
    ['12 1/0 in', /is not a length/],
    ['3 m 20', /is not a length/],
  ])('%p is refused with a hint', (text, message) => {
    const read = readLength(text, 'metric');
    expect(read.ok ? '' : read.message).toMatch(message);
  });

  test('a fraction over nothing is no number', () => expect(readAmount('1/0')).toBeNull());
});

describe('feet and inches as people type them', () => {
  test.each([
    ['13', 13 * 304.8],
    ['13-6', 4114.8],
    ['13 6', 4114.8],
    [`13' 6 1/2"`, 4127.5],
    ['13 ft 6', 4114.8],
    ['13ft. 6in.', 4114.8],
    ['138', 3505.2],
    ['12 1/2', 12.5 * 304.8],
    ['4.1 m', 4100],
    ['3 yd', 2743.2],
  ])('%s of a room', (text, mm) => {
    const read = readLength(text, 'imperial', true);
    expect(read.ok && read.mm).toBeCloseTo(mm, 6);
  });

  test('of a thing a bare number is inches, and a fraction is no feet', () => {
    const of = (text: string) => {
      const read = readLength(text, 'imperial');
      return read.ok ? read.mm / 25.4 : read.message;
    };
    expect(of('13')).toBeCloseTo(13);
    expect(of('12 1/2')).toBeCloseTo(12.5);
    expect(of('3-1/4')).toBeCloseTo(3.25);
    expect(of('5-11')).toBeCloseTo(71);
    expect(of('5-12')).toMatch(/is not a length/);
    expect(of('x'.repeat(5000))).toMatch(/^“x{40}…” is not a length/);
  });

  test('centimetres are read and written', () => {
    expect(readLength('12.5', 'centimetres')).toEqual({ ok: true, mm: 125 });
    expect(readLength('80 mm', 'centimetres')).toEqual({ ok: true, mm: 80 });
    expect(formatLength(3457, 'centimetres')).toBe('345.7 cm');
    expect(formatLength(0.27, 'centimetres')).toBe('0.03 cm');
    expect(formatSize([330, 430, 68], 'centimetres')).toBe('33 × 43 × 6.8 cm');
  });

  test('sheets are said in thousandths and pounds; volumes in quarts and fluid ounces', () => {
    expect(formatSize([279.4, 215.9, 0.27], 'imperial')).toBe('11 × 8 1/2 × 0.011 in');
    // 80 lb cover is 216 g/m², 65 lb cover 176, 20 lb bond 75 (basic sizes of the American paper trade).
    expect([216, 176, 75, 118].map((g) => formatPaper(g, 'imperial'))).toEqual([
      '80 lb cover',
      '65 lb cover',
      '20 lb bond',
      '80 lb text',
    ]);
    expect([formatVolume(236.6, 'imperial'), formatVolume(1893, 'imperial')]).toEqual(['8 fl oz', '2 qt']);
    // No fraction finer than sixteenths that nobody typed.
    expect(formatLength(1000, 'imperial')).toBe('39 3/8 in');
  });
});

describe('writing lengths', () => {
  test.each([
    [3450, 'metric', '3,450 mm'],
    [68, 'metric', '68 mm'],
    [0.27, 'metric', '0.27 mm'],
    [317.5, 'imperial', '12 1/2 in'],
    [3454.4, 'imperial', '11 ft 4 in'],
    [3657.6, 'imperial', '12 ft'],
  ] as const)('%d mm in %s reads %s', (value, system, text) => expect(formatLength(value, system)).toBe(text));

  test('what is written is read again, however the thousands are set apart', () => {
    for (const text of ['3,450 mm', '3,450', '3\u2009450 mm', '3\u00a0450', '3450', '3,450.0 mm'])
      expect([text, readLength(text, 'metric')]).toEqual([text, { ok: true, mm: 3450 }]);
    expect(readLength('3,45 m', 'metric')).toEqual({ ok: true, mm: 3450 });
    expect(readLength('3,450 m', 'metric')).toEqual({ ok: true, mm: 3450 });
    expect(readLength('12,5 cm', 'metric')).toEqual({ ok: true, mm: 125 });
    expect(readLength('12 1/2 in', 'imperial')).toEqual({ ok: true, mm: 317.5 });
  });

  test('in every system what is written is read again, to 100 m', () => {
    for (const system of UNIT_SYSTEMS)
      fc.assert(
        fc.property(fc.integer({ min: 10, max: 100_000 }), (value) => {
          const again = readLength(formatLength(value, system), system);
          expect(again.ok && Math.abs(again.mm - value)).toBeLessThan(system === 'imperial' ? 0.8 : 0.51);
        }),
        { numRuns: runs(500) },
      );
    expect(readLength('1,678 cm', 'centimetres')).toEqual({ ok: true, mm: 16_780 });
    expect(readLength('2,696', 'centimetres')).toEqual({ ok: true, mm: 26_960 });
    expect(readLength('0,678 cm', 'centimetres')).toEqual({ ok: true, mm: 6.78 });
  });

  test('areas come in the measures of the plan', () => {
    expect(formatArea(10.92, 'metric')).toBe('10.92 m²');
    expect(formatArea(10.92, 'imperial')).toBe('117.5 sq ft');
  });

  test('sizes and masses', () => {
    expect(formatSize([330, 430, 68], 'metric')).toBe('330 × 430 × 68 mm');
    expect(formatMass(9000, 'metric')).toBe('9.0 kg');
    expect(formatMass(453.59237, 'imperial')).toBe('1 lb');
  });

  test('what is typed in inches prints back as typed', () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 47 }), fc.integer({ min: 0, max: 31 }), (whole, parts) => {
        let [n, d] = [parts, 32];
        while (n > 0 && n % 2 === 0) [n, d] = [n / 2, d / 2];
        const typed = n === 0 ? `${whole} in` : `${whole} ${n}/${d} in`;
        expect(formatLength(mm(typed), 'imperial')).toBe(typed);
      }),
    );
  });
});

test('what nobody typed is kept in tenths of a millimetre, or in parts of an inch without noise', () => {
  expect(onRule(1338.9123, 'metric')).toBe(1338.9);
  expect(onRule(1327.15, 'imperial')).toBe(1327.15);
  // 52 45/64 in.
  expect(onRule(1338.6, 'imperial')).toBeCloseTo(52.703125 * 25.4, 6);
  expect(onRule(1338.6, 'imperial', 16)).toBeCloseTo(52.6875 * 25.4, 6);
  expect(onRule(-0.009, 'imperial')).toBeCloseTo(0, 9);
});
