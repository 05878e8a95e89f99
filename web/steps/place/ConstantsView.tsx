/** Every constant with its unit and source; it can be changed, and taken back to what was published. */
import { figureIn, inMeasures, unitIn } from '@heronstone/core/model/amounts.ts';
import { useEffect, useRef } from 'react';
import { setMeta } from '@heronstone/core/model/change.ts';
import { CONSTANTS, CONSTANT_KEYS, type Constant, type ConstantKey } from '@heronstone/core/model/constants.ts';
import { commit } from '../../state/openPlan.ts';
import { useStore } from '../../state/state.ts';
import { Button } from '../../ui/Button.tsx';
import { NumberField } from '../../ui/Field.tsx';

const GROUPS: ReadonlyArray<Constant['group']> = [
  'Motions',
  'My own factors',
  'Costs',
  'Places',
  'Reach',
  'Body',
  'Load',
];
const ABOUT: Readonly<Record<Constant['group'], string>> = {
  Motions: 'Standard times of single motions. 1 TMU is 0.036 s.',
  'My own factors':
    'How much slower (above 1) or quicker you are than the published times. The time study on Find sets them.',
  Costs: 'What broken rules and missing places cost.',
  Places: 'What a place holds: how high things lie on each other, how much room a hand needs, what stays out.',
  Reach: 'When a place counts as in reach or in view.',
  Body: 'Shares of standing height. What is measured on a person comes first; see Activities.',
  Load: 'Lifting, shelves and tipping.',
};

/** @param of the constant that was asked for by a link */
export function ConstantsView({ of }: { of: string | null }) {
  const plan = useStore((s) => s.plan)!;
  const changed = plan.meta.constants;
  const list = useRef<HTMLDivElement>(null);
  const asked = useRef<HTMLTableRowElement>(null);
  useEffect(() => {
    // The list scrolls, not the page.
    const [box, row] = [list.current, asked.current];
    if (!box || !row) return;
    box.scrollTop += row.getBoundingClientRect().top - box.getBoundingClientRect().top - box.clientHeight / 2;
    row.querySelector('input')?.focus({ preventScroll: true });
  }, [of]);
  const change = (key: ConstantKey, value: number | undefined) => {
    const { [key]: _, ...rest } = changed;
    const next = value === undefined || value === CONSTANTS[key].value ? rest : { ...rest, [key]: value };
    commit(`Constant: ${CONSTANTS[key].words}`, [setMeta(plan, { constants: next })]);
  };
  const count = Object.keys(changed).length;
  return (
    <div
      ref={list}
      className="min-h-0 grow overflow-y-auto pb-6"
      tabIndex={0}
      role="region"
      aria-label="Constants, list"
    >
      <div className="flex flex-wrap items-baseline justify-between gap-3">
        <h2 className="text-2xl">What every figure is made of</h2>
        <Button
          disabled={count === 0}
          onClick={() => commit('All constants as published', [setMeta(plan, { constants: {} })])}
        >
          Reset all to the published values{count > 0 ? ` (${count} changed)` : ''}
        </Button>
      </div>
      {GROUPS.map((group) => (
        <section key={group} aria-label={group} className="mt-4 max-w-5xl">
          <h3 className="text-lg">{group}</h3>
          <p className="text-soft">{ABOUT[group]}</p>
          <table className="w-full">
            <tbody>
              {CONSTANT_KEYS.filter((key) => CONSTANTS[key].group === group).map((key) => {
                const c: Constant = CONSTANTS[key];
                const own = changed[key];
                const { unit, factor } = unitIn(c.unit, plan.meta.units);
                const words = inMeasures(c.words, plan.meta.units);
                return (
                  <tr
                    key={key}
                    ref={key === of ? asked : undefined}
                    className={`border-b border-line align-top ${key === of ? 'bg-wash' : ''}`}
                  >
                    <th scope="row" className="w-[34%] py-1.5 pr-3 text-left font-normal">
                      {words}
                    </th>
                    <td className="w-28 py-1.5 pr-2">
                      <NumberField
                        label={words}
                        hideLabel
                        value={figureIn(own ?? c.value, factor)}
                        least={figureIn(c.least, factor)}
                        most={figureIn(c.most, factor)}
                        onSet={(value) => change(key, value / factor)}
                      />
                    </td>
                    <td className="w-24 py-2 pr-3 text-soft">{unit}</td>
                    <td className="py-2 pr-3 text-xs text-soft">{c.source}</td>
                    <td className="w-36 py-1.5 text-right">
                      {own !== undefined && (
                        <Button
                          aria-label={`Back to ${figureIn(c.value, factor)}: ${words}`}
                          onClick={() => change(key, undefined)}
                        >
                          Back to {figureIn(c.value, factor)}
                        </Button>
                      )}
                    </td>
                  </tr>
                );
              })}
            </tbody>
          </table>
        </section>
      ))}
    </div>
  );
}
