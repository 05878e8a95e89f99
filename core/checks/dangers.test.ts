import { thing } from '@heronstone/testing/thing.ts';
import { demoPlan } from '@heronstone/testing/demo.ts';
import { applyChanges, set } from '../model/change.ts';
import type { Plan, Supply } from '../model/plan.ts';
import { evaluate } from '../report/evaluate.ts';

/** The demo with two things in one drawer and nothing else anywhere. */
function having(slot: string, ...list: Array<Partial<Supply>>): Plan {
  const bare = { ...demoPlan(), placements: {}, containers: {}, uses: {} };
  return applyChanges(
    bare,
    list.flatMap((more, i) => [
      set('supplies', `t${i}`, { ...thing(more), id: `t${i}` }),
      set('placements', `p${i}`, {
        id: `p${i}`,
        ...{ arrangement: 'planned', supply: `t${i}`, unit: 'tall', slot, count: more.count ?? 1 },
        ...{ orientation: null, pinned: false },
      }),
    ]),
  ).plan;
}
const codes = (plan: Plan) => evaluate(plan).findings.map((f) => f.code);
const spray = { name: 'Spray', form: 'bottles' as const, length: 80, width: 30, traits: ['flammable' as const] };
const paper = { name: 'Tissue', form: 'sheets' as const, count: 20, thickness: 0.1 };

test('a hot tool is kept from what burns, and by a socket', () => {
  const iron = { name: 'Small iron', traits: ['hot' as const] };
  expect(codes(having('d5', iron, spray))).toContain('hot beside what burns');
  expect(codes(having('d5', iron, { name: 'Pliers' }))).not.toContain('hot beside what burns');
  const far = having('d5', iron);
  const sockets = Object.values(far.fixtures).filter((f) => f.kind === 'socket');
  expect(sockets.length).toBeGreaterThan(0);
  expect(codes({ ...far, fixtures: {} })).not.toContain('hot tool far from a socket');
  // The only socket in the corner that is farthest from the drawers.
  const said = sockets.map((only) => codes({ ...far, fixtures: { [only.id]: only } }));
  expect(said.some((list) => list.includes('hot tool far from a socket'))).toBe(true);
  expect(said.some((list) => !list.includes('hot tool far from a socket'))).toBe(true);
});

test('blades do not lie loose in a drawer, nor dust beside cloth', () => {
  const blades = { name: 'Blades', form: 'loose' as const, count: 30, length: 20, width: 8, thickness: 1 };
  expect(codes(having('d1', { ...blades, traits: ['sharp'] }))).toContain('sharp and loose');
  expect(codes(having('d1', blades))).not.toContain('sharp and loose');
  const chalk = { name: 'Chalk', traits: ['dusty' as const] };
  expect(codes(having('d5', chalk, paper))).toContain('dust on cloth or paper');
  expect(codes(having('d5', chalk, { name: 'Pliers' }))).not.toContain('dust on cloth or paper');
});
