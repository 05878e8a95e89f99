/** The way over the free floor from the chosen seat to what is chosen. */
import type { Point } from '@heronstone/core/geometry/geometry.ts';
import type { Report } from '@heronstone/core/report/evaluate.ts';
import type { Selected } from '../../state/state.ts';
import { boxRound, freePoint, type Box } from './wordBoxes.ts';

/** What is drawn of a way, mm. */
export interface WayDrawn {
  compartment: string;
  path: readonly Point[];
  words: string;
  /** Middle of the words, and the box round them. */
  at: Point;
  box: Box;
}

/**
 * The way to what is chosen, with its words beside its last leg where nothing is written; null when there is none.
 * @param taken boxes of what is written already
 * @param px mm in a pixel of the screen
 */
export function wayTo(
  report: Report,
  selected: Selected | null,
  station: string,
  taken: readonly Box[],
  px: number,
  say: (mm: number) => string,
): WayDrawn | null {
  const placed = selected?.kind === 'placement' ? report.placements[selected.id]?.compartment : undefined;
  const compartment = report.compartments.find((c) =>
    selected?.kind === 'unit' ? c.unit === selected.id : c.id === (placed ?? selected?.id),
  );
  const reach = compartment?.reach[station];
  const [before, end] = reach?.path?.slice(-2) ?? [];
  if (!reach?.path || !before || !end) return null;
  const words = `${say(reach.walk)}, ${reach.paces} ${reach.paces === 1 ? 'pace' : 'paces'}`;
  const half = { x: words.length * 3.4 * px, y: 8 * px };
  const middle = { x: (before.x + end.x) / 2, y: (before.y + end.y) / 2 };
  const points = [
    [1, -1],
    [1, 1],
    [-1, -1],
    [-1, 1],
    [0, -2],
    [0, 2],
  ].map(([right, down]) => ({
    x: middle.x + right! * (half.x + 8 * px),
    y: middle.y + down! * 8 * px,
  }));
  const at = freePoint(points, half, taken);
  return { compartment: compartment!.id, path: reach.path, words, at, box: boxRound(at, half) };
}

export function Way({ way, px }: { way: WayDrawn; px: number }) {
  const end = way.path.at(-1)!;
  return (
    <g pointerEvents="none" data-way={way.compartment}>
      <path
        d={`M${way.path.map((p) => `${p.x} ${p.y}`).join('L')}`}
        fill="none"
        stroke="var(--w1)"
        strokeWidth={3 * px}
        strokeLinecap="round"
        strokeDasharray={`${0.1 * px} ${7 * px}`}
      />
      <circle cx={end.x} cy={end.y} r={5 * px} fill="var(--w1)" />
      <text
        x={way.at.x}
        y={way.at.y}
        dy="0.35em"
        textAnchor="middle"
        fontSize={12 * px}
        fontWeight="700"
        fill="var(--w1)"
        stroke="var(--leaf)"
        strokeWidth={4 * px}
        paintOrder="stroke"
      >
        {way.words}
      </text>
    </g>
  );
}
