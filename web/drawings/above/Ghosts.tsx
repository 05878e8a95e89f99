/** In an empty room: furniture that could stand there, to be taken with one click. */
import type { Unit } from '@heronstone/core/model/plan.ts';
import { footprint } from '@heronstone/core/furniture/footprint.ts';
import { closed } from './svgPath.ts';

export interface Ghost {
  unit: Unit;
  /** What a click does. */
  words: string;
  take: () => void;
}

export function Ghosts({ ghosts, px }: { ghosts: readonly Ghost[]; px: number }) {
  return ghosts.map(({ unit, words, take }) => (
    <g
      key={unit.name}
      role="button"
      tabIndex={0}
      aria-label={words}
      className="cursor-pointer"
      onClick={take}
      onKeyDown={(e) => {
        if (e.key !== 'Enter' && e.key !== ' ') return;
        e.preventDefault();
        take();
      }}
    >
      <path
        d={closed(footprint(unit))}
        fill="var(--wash)"
        stroke="var(--w2)"
        strokeWidth={1.3 * px}
        strokeDasharray={`${6 * px} ${5 * px}`}
      />
      <text x={unit.x} y={unit.y} dy="0.35em" textAnchor="middle" fontSize={12.5 * px} fill="var(--w1)">
        + {unit.name}
      </text>
    </g>
  ));
}
