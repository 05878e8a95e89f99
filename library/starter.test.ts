import { compartmentsOf } from '@heronstone/core/furniture/compartments.ts';
import { fit } from '@heronstone/core/fit/fit.ts';
import { ContainerShapeSchema, FORMS, STANDING_DEFAULTS, SupplySchema } from '@heronstone/core/model/plan.ts';
import { CONTAINER_TYPES } from './containerTypes.ts';
import { CRAFTS, STARTERS } from './starter.ts';
import { KINDS, USUAL_KINDS } from './usualSizes.ts';
import { UNIT_TYPES } from './units.ts';

test('at least fourteen crafts and three hundred kinds, no name twice, every form, every row whole', () => {
  expect(CRAFTS.length).toBeGreaterThanOrEqual(14);
  const names = STARTERS.map((s) => s.draft.name);
  expect(names.filter((n, i) => names.indexOf(n) !== i)).toEqual([]);
  expect(names.length).toBeGreaterThanOrEqual(300);
  for (const craft of CRAFTS)
    expect([craft, STARTERS.filter((s) => s.craft === craft).length >= 15]).toEqual([craft, true]);
  const forms = new Set(STARTERS.map((s) => s.draft.form));
  expect(FORMS.filter((f) => !forms.has(f) && f !== 'hung')).toEqual([]);
  for (const s of STARTERS) {
    const read = SupplySchema.safeParse({ ...s.draft, id: 'x' });
    expect([s.id, read.error?.issues]).toEqual([s.id, undefined]);
    expect(s.fetches > 0 && s.draft.category !== '').toBe(true);
    expect([s.id, (s.draft.form === 'sheets') === (s.draft.grammage !== null)]).toEqual([s.id, true]);
  }
});

test('each kind fits somewhere in the furniture of the library', () => {
  const places = UNIT_TYPES.flatMap((t) =>
    compartmentsOf({
      ...t.shape,
      id: 'u',
      x: 0,
      y: 0,
      turn: 0,
      ...STANDING_DEFAULTS,
    }),
  );
  const none = STARTERS.filter((s) => !places.some((p) => fit({ ...s.draft, id: 'x' }, 1, p).count > 0)).map(
    (s) => s.draft.name,
  );
  // What is too large for furniture stands on the floor or stays on its table.
  const large = (n: string) => n === 'Dress form' || STARTERS.find((s) => s.draft.name === n)!.draft.form === 'machine';
  expect(none.filter((n) => !large(n))).toEqual([]);
});

test('at least sixty containers, no name twice, each smaller inside than outside', () => {
  const names = CONTAINER_TYPES.map((c) => c.shape.name);
  expect(names.length).toBeGreaterThanOrEqual(60);
  expect(names.filter((n, i) => names.indexOf(n) !== i)).toEqual([]);
  for (const { shape } of CONTAINER_TYPES) {
    expect([shape.name, ContainerShapeSchema.safeParse(shape).error?.issues]).toEqual([shape.name, undefined]);
    expect(shape.insideHeight).toBeLessThan(shape.height);
  }
});

test('a short word finds its kind; a longer name wins', () => {
  expect(KINDS.find('12 skeins yarn')?.name).toMatch(/yarn/i);
  expect(KINDS.find('lots of alcohol markers')?.name).toBe('Alcohol markers');
  expect(KINDS.find('gizmos')).toBeNull();
  expect(KINDS.find('button maker')).toBeNull();
  expect(KINDS.find('2 boxes of pins')?.form).toBe('pieces');
  expect(KINDS.find('buttons in 3 jars')?.name).toBe('Button');
});

test('there are more than 700 kinds, each with words of its own and sizes that can be kept', () => {
  expect(USUAL_KINDS.length + STARTERS.length).toBeGreaterThanOrEqual(700);
  const twice = USUAL_KINDS.map((k) => k.name).filter((n, i, all) => all.indexOf(n) !== i);
  expect(twice).toEqual([]);
  for (const kind of USUAL_KINDS) {
    const draft = {
      ...STARTERS[0]!.draft,
      ...{ name: kind.name, category: kind.category, form: kind.form, traits: [...kind.traits] },
      ...{
        length: kind.length,
        width: kind.width,
        thickness: kind.thickness,
        mass: kind.mass,
        grammage: kind.grammage,
      },
    };
    expect([kind.name, SupplySchema.safeParse({ ...draft, id: 'x' }).error?.issues]).toEqual([kind.name, undefined]);
  }
});
