/** Random plans with everything a maker can wish for: a way of sorting, sets, "never here", traits, spares, a child, keys. */
import fc from 'fast-check';
import { applyChanges, set, setMeta, type Change } from '@heronstone/core/model/change.ts';
import { compartmentsOf } from '@heronstone/core/furniture/compartments.ts';
import { byName, KEPT_FOR, type Plan, type Supply, type Unit } from '@heronstone/core/model/plan.ts';
import { INSIDE_ORDERS, SHOWN, WAYS } from '@heronstone/core/model/sorting.ts';
import { TRAITS, type Trait } from '@heronstone/core/model/supply.ts';
import { randomPlan } from './randomPlan.ts';

const COLOURS = ['', 'red', 'yellow', 'green', 'blue', 'black', 'many'];

/** @param supplies the most lines */
export const wishfulPlan = (supplies = 20): fc.Arbitrary<Plan> =>
  fc
    .record({
      plan: randomPlan(supplies),
      way: fc.constantFrom(...WAYS),
      shown: fc.constantFrom(...SHOWN),
      inside: fc.constantFrom(...INSIDE_ORDERS),
      mixture: fc.option(fc.constantFrom(...WAYS)),
      words: fc.array(
        fc.record({
          kind: fc.constantFrom('paper', 'paint', 'tools', ''),
          colour: fc.constantFrom(...COLOURS),
          collection: fc.constantFrom('', 'north', 'south'),
          theme: fc.constantFrom('', 'winter'),
          together: fc.constantFrom('', '', '', 'kit', 'set'),
          traits: fc.subarray([...TRAITS] as Trait[], { maxLength: 3 }),
          mass: fc.option(fc.integer({ min: 5, max: 9000 })),
          backstock: fc.nat(20),
        }),
        { minLength: 6, maxLength: 6 },
      ),
      bans: fc.array(fc.tuple(fc.nat(), fc.nat()), { maxLength: 3 }),
      child: fc.boolean(),
      keyLocked: fc.nat(),
      keeps: fc.array(fc.tuple(fc.nat(), fc.nat(), fc.constantFrom(...KEPT_FOR)), { maxLength: 3 }),
      zoned: fc.record({
        zones: fc.nat(3),
        given: fc.array(fc.tuple(fc.nat(), fc.nat(), fc.nat(), fc.boolean()), { maxLength: 4 }),
        homes: fc.array(fc.tuple(fc.nat(), fc.nat(), fc.boolean()), { maxLength: 2 }),
        apart: fc.boolean(),
      }),
    })
    .map(({ plan, way, shown, inside, mixture, words, bans, child, keyLocked, keeps, zoned }) => {
      const lines = byName(plan.supplies);
      const units = byName(plan.units);
      const changes: Change[] = lines.map((s, i) => {
        const { kind, traits, mass, backstock, ...rest } = words[i % words.length]!;
        const heavy = s.form === 'sheets' || s.form === 'loose' ? {} : { mass };
        return set('supplies', s.id, {
          ...rest,
          category: kind,
          ...(s.goesBack ? { traits } : {}),
          ...heavy,
          backstock: Math.min(backstock, s.count - 1),
        });
      });
      bans.forEach(([s, u], i) => {
        const [supply, unit] = [lines[s % lines.length]!, units[u % units.length]!];
        changes.push(set('bans', `n${i}`, { id: `n${i}`, supply: supply.id, unit: unit.id, slot: '' }));
      });
      keeps.forEach(([u, c, kept], i) => {
        const unit = units[u % units.length]!;
        const places = compartmentsOf(unit);
        if (places.length === 0) return;
        const { slot } = places[c % places.length]!;
        const bound = kept === 'odds' ? { lines: 1 + (c % 3), litres: c % 2 === 0 ? null : 2 } : {};
        const what = { for: kept, things: kept === 'these' ? ['paper'] : [], lines: null, litres: null, ...bound };
        changes.push(set('keeps', `k${i}`, { id: `k${i}`, unit: unit.id, slot, container: null, ...what }));
      });
      changes.push(...zonesOf(plan, zoned, lines, units));
      if (child) changes.push(set('people', 'kid', { id: 'kid', name: 'Kid', stature: 1200, child: true }));
      changes.push(
        set('openings', 'sun', {
          id: 'sun',
          corner: 'c0',
          kind: 'window',
          offset: 300,
          width: 900,
          height: 1000,
          sill: 900,
          hinge: 'left',
          swing: 'none',
        }),
        set('fixtures', 'warm', {
          id: 'warm',
          corner: 'c2',
          kind: 'heater',
          offset: 300,
          width: 900,
          height: 600,
          depth: 100,
          bottom: 0,
        }),
      );
      changes.push(set('units', units[keyLocked % units.length]!.id, { keyLocked: true }));
      const mixtures = mixture === null ? [] : [{ station: null, kind: 'paper', way: mixture }];
      changes.push(setMeta(plan, { sorting: { ...plan.meta.sorting, way, shown, inside, mixtures } }));
      return applyChanges(plan, changes).plan;
    });

/** Zones of the maker's own, furniture and places given to them, homes that are wanted somewhere, and what lies apart. */
function zonesOf(
  plan: Plan,
  wish: {
    zones: number;
    given: ReadonlyArray<readonly [number, number, number, boolean]>;
    homes: ReadonlyArray<readonly [number, number, boolean]>;
    apart: boolean;
  },
  lines: readonly Supply[],
  units: readonly Unit[],
): Change[] {
  const ids = Array.from({ length: wish.zones }, (_, n) => `z${n}`);
  const changes: Change[] = ids.map((id, order) =>
    set('zones', id, { id, name: `Zone ${order}`, letter: String.fromCharCode(65 + order), order }),
  );
  if (ids.length > 0)
    Object.keys(plan.activities).forEach((a, n) => changes.push(set('activities', a, { zone: ids[n % ids.length]! })));
  wish.given.forEach(([u, p, z, firm], n) => {
    const unit = units[u % units.length]!;
    const places = compartmentsOf(unit);
    const slot = p % 3 === 0 || places.length === 0 ? '' : places[p % places.length]!.slot;
    const zone = ids[z % Math.max(1, ids.length)];
    const to = zone === undefined ? ({ as: 'storage', zone: null } as const) : ({ as: 'zone', zone } as const);
    changes.push(set('allotments', `a${n}`, { id: `a${n}`, unit: unit.id, slot, container: null, ...to, firm }));
  });
  wish.homes.forEach(([u, s, firm], n) => {
    const id = `h${n}`;
    const unit = units[u % units.length]!.id;
    changes.push(
      set('homes', id, {
        ...{ id, name: `Home ${n}`, zone: ids[n] ?? null, set: n === 0, inside: [], unit, slot: '', firm },
        ...{ side: null, station: null, other: null },
      }),
    );
    for (const line of [lines[s % lines.length]!, lines[(s + 1) % lines.length]!])
      changes.push(set('supplies', line.id, { home: id }));
  });
  if (wish.apart && lines.length > 1)
    changes.push(set('aparts', 'p0', { id: 'p0', things: [lines[0]!.name, lines[1]!.name], why: '' }));
  return changes;
}
