/** The way over the free floor from the chosen seat to what is chosen. */
import type { Report } from '@heronstone/core/report/evaluate.ts';
import type { Selected } from '../../state/store.ts';

export function Way({
  report,
  selected,
  station,
  px,
  say,
}: {
  report: Report;
  selected: Selected | null;
  station: string;
  px: number;
  say: (mm: number) => string;
}) {
  const placed = selected?.kind === 'placement' ? report.placements[selected.id]?.compartment : undefined;
  const compartment = report.compartments.find((c) =>
    selected?.kind === 'unit' ? c.unit === selected.id : c.id === (placed ?? selected?.id),
  );
  const reach = compartment?.reach[station];
  if (!reach?.path) return null;
  const [before, end] = reach.path.slice(-2);
  if (!before || !end) return null;
  const label = `${say(reach.walk)}, ${reach.paces} ${reach.paces === 1 ? 'pace' : 'paces'}`;
  return (
    <g pointerEvents="none" data-way={compartment!.id}>
      <path
        d={`M${reach.path.map((p) => `${p.x} ${p.y}`).join('L')}`}
        fill="none"
        stroke="var(--w1)"
        strokeWidth={3 * px}
        strokeLinecap="round"
        strokeDasharray={`${0.1 * px} ${7 * px}`}
      />
      <circle cx={end.x} cy={end.y} r={5 * px} fill="var(--w1)" />
      <text
        x={(before.x + end.x) / 2 + 8 * px}
        y={(before.y + end.y) / 2 - 8 * px}
        fontSize={12 * px}
        fontWeight="700"
        fill="var(--w1)"
        stroke="var(--leaf)"
        strokeWidth={4 * px}
        paintOrder="stroke"
      >
        {label}
      </text>
    </g>
  );
}
