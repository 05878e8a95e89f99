/** The elements of a fetch as a table: seconds, source, and the constants they are made of, which can be changed. */
import { formatLength } from '@heronstone/core/model/measure.ts';
import { Link } from 'react-router';
import { TIMES, totalSeconds, type Element } from '@heronstone/core/fetch/elements.ts';
import { CONSTANTS, constantsOf } from '@heronstone/core/model/constants.ts';
import { useStore } from '../state/state.ts';

/** How much of an element, in words; empty where once goes without saying. */
export function howMuch(e: Element): string {
  const { unit } = TIMES[e.kind];
  if (unit === 'mm') return formatLength(Math.round(e.quantity), useStore.getState().plan!.meta.units);
  if (unit === 'times' && e.quantity === 1) return '';
  const n = Number(e.quantity.toFixed(1));
  return `${n} ${n === 1 ? unit.replace(/s$/, '') : unit}`;
}

export function Elements({ title, elements }: { title: string; elements: readonly Element[] }) {
  const plan = useStore((s) => s.plan)!;
  const constants = constantsOf(plan.meta.constants);
  return (
    <table className="mb-3 w-full">
      <caption className="text-left font-bold">
        {title}: {totalSeconds(elements).toFixed(2)} s
      </caption>
      <thead className="sr-only">
        <tr>
          <th>Element</th>
          <th>How much</th>
          <th>Seconds</th>
          <th>Constants and source</th>
        </tr>
      </thead>
      <tbody>
        {elements.map((e, i) => (
          <tr key={i} className="border-b border-line align-top">
            <td className="py-1 pr-2">{e.kind}</td>
            <td className="py-1 pr-2 whitespace-nowrap text-soft">{howMuch(e)}</td>
            <td className="py-1 pr-2 text-right font-bold">{e.seconds.toFixed(2)}</td>
            <td className="py-1 text-xs text-soft">
              {TIMES[e.kind].source}
              {TIMES[e.kind].of.map((key) => (
                <Link
                  key={key}
                  to={`/plan/${plan.meta.id}/place?view=constants&of=${key}`}
                  className="ml-2 whitespace-nowrap text-rust underline"
                >
                  {CONSTANTS[key].words.split(',')[0]}: {constants[key]} {CONSTANTS[key].unit}
                  {constants[key] !== CONSTANTS[key].value && ` (published ${CONSTANTS[key].value})`}
                </Link>
              ))}
            </td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}
