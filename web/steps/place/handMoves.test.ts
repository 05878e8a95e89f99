/** A supply that is dropped before it is known how many fit: that is looked at first. */
import { evaluate } from '@heronstone/core/report/evaluate.ts';
import { demoPlan, withFewThings } from '@heronstone/testing/demo.ts';
import { SimulatedBrowser } from '@heronstone/testing/browser.ts';

const demo = withFewThings(demoPlan(), [], 3);
const report = evaluate(demo);
const asked: unknown[][] = [];
let fits = 3;
import.meta.jest.unstable_mockModule('../../engine/client.ts', () => ({
  engine: {
    alternatives: (...args: unknown[]) => {
      asked.push(args);
      return Promise.resolve(report.compartments.map((c) => ({ compartment: c.id, fits })));
    },
  },
  engineLine: { onEnd: () => {}, end: () => {} },
}));
const steps: Array<{ name: string; changes: unknown[] }> = [];
import.meta.jest.unstable_mockModule('../../state/openPlan.ts', () => ({
  commit: (name: string, changes: unknown[]) => steps.push({ name, changes }) > 0,
}));
new SimulatedBrowser().install();
const { useStore } = await import('../../state/state.ts');
const { dropSupply } = await import('./handMoves.ts');
useStore.setState({ plan: demo, report });

const row = Object.values(demo.placements).find((p) => p.arrangement === 'planned' && p.count >= 5)!;
const moving = { supply: row.supply, placement: row.id, count: row.count };
const target = report.compartments.find((c) => c.contents.planned.length === 0 && c.unit !== row.unit)!;

test('dropped at once, only as many go as fit there', async () => {
  expect(await dropSupply(moving, target.id, undefined)).toBe(true);
  expect(asked).toHaveLength(1);
  expect(steps.at(-1)!.name).toMatch(/^Move 3 /);
});

test('where none fits nothing moves and it is said; what is known is not asked again', async () => {
  fits = 0;
  const before = steps.length;
  expect(await dropSupply(moving, target.id, undefined)).toBe(false);
  expect(steps).toHaveLength(before);
  expect(useStore.getState().notices.at(-1)!.text).toMatch(/none fits in/);
  expect(await dropSupply(moving, target.id, 2)).toBe(true);
  expect(asked).toHaveLength(2);
});
