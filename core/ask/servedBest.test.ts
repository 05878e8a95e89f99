import { demoPlan, withFewThings } from '@heronstone/testing/demo.ts';
import { applyChanges, set } from '../model/change.ts';
import { servedBest } from './servedBest.ts';

const demo = withFewThings(demoPlan(), ['gouges'], 3);
const line = (id: string, more: object) =>
  set('supplies', id, {
    ...demo.supplies['gouges']!,
    ...{ id, name: id, together: '', home: null, count: 1 },
    ...more,
  });
const trip = (sessionsPerWeek: number, needs: string[] = []) =>
  set('activities', 'trip', {
    ...demo.activities['sewing']!,
    id: 'trip',
    name: 'Trip',
    sessionsPerWeek,
    needs,
  } as never);
const use = (supply: string) => set('uses', `u-${supply}`, { id: `u-${supply}`, supply, activity: 'trip', fetches: 1 });
const of = (...changes: ReturnType<typeof set>[]) => servedBest(applyChanges(demo, changes).plan, 'trip');

test('a station for a machine, for water and for what is done often; a kit for an armful; a cart for more', () => {
  const box = { length: 200, width: 100, thickness: 100, mass: 500 };
  expect(of(trip(0.5))).toBeNull();
  // Two litres and half a kilo.
  expect(of(trip(0.5), line('box', box), use('box'))).toMatchObject({ by: 'kit', lines: 1 });
  // 24 litres are more than an armful of 15, and 10 kg more than one of 8.
  expect(of(trip(0.5), line('box', { ...box, count: 12, mass: 10 }), use('box'))).toMatchObject({ by: 'cart' });
  expect(of(trip(0.5), line('box', { ...box, mass: 10_000 }), use('box'))).toMatchObject({
    by: 'cart',
    why: expect.stringContaining('heavy'),
  });
  expect(of(trip(4), line('box', box), use('box'))).toMatchObject({ by: 'station' });
  expect(of(trip(0.5, ['water']), line('box', box), use('box'))).toMatchObject({ by: 'station' });
  expect(of(trip(0.5), line('press', { ...box, form: 'machine' }), use('press'))).toMatchObject({
    by: 'station',
    why: 'press stands where it is used',
  });
  expect(() => servedBest(demo, 'nothing')).toThrow('There is no activity “nothing”.');
});
