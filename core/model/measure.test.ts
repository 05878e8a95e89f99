import fc from 'fast-check';
import { formatArea, formatLength, formatMass, formatSize, readAmount, readLength } from './measure.ts';

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
