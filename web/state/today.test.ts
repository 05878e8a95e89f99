import { today } from './today.ts';

test('today is the day of the maker, also near midnight', () => {
  expect(today(0, new Date(2027, 2, 31, 23, 59, 30))).toBe('2027-03-31');
  expect(today(1, new Date(2027, 2, 31, 23, 59, 30))).toBe('2027-04-01');
  expect(today(0, new Date(2027, 3, 1, 0, 0, 10))).toBe('2027-04-01');
});
