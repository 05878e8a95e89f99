import { spokenUnit } from './unitWords.ts';

test('a piece is named once, with its kind where the name does not say it', () => {
  const cart = { name: 'Cart', kind: 'cart' as const, pinned: false };
  expect(spokenUnit(cart, false)).toBe('Cart');
  expect(spokenUnit({ ...cart, name: 'Old faithful', pinned: true }, true)).toBe(
    'Old faithful, cart, has a problem, locked',
  );
  expect(spokenUnit(cart, false, '4.2 min a week')).toBe('Cart, 4.2 min a week');
});
