/** One compartment at scale: from above, or from the front for a pegboard; pieces where they lie, with the room to grow. */
import type { CompartmentReport, PlacementReport } from '@heronstone/core/evaluate.ts';
import { formatSize } from '@heronstone/core/model/measure.ts';
import { select, shownPlan, useStore } from '../state/store.ts';

/** More pieces than this are drawn as a wash; the count says how many. */
const MOST_PIECES = 160;

export function Inside({
  compartment: c,
  chosen = null,
  tall = false,
}: {
  compartment: CompartmentReport;
  chosen?: string | null;
  tall?: boolean;
}) {
  const plan = useStore(shownPlan)!;
  const report = useStore((s) => s.report)!;
  const arrangement = useStore((s) => s.arrangement);
  const front = c.access === 'peg';
  const [width, deep] = [c.inside.width, front ? c.inside.height : c.inside.depth];
  const px = tall ? Math.max(width / 640, deep / 420) : Math.max(width / 270, deep / 176);
  const grow = width * (1 - plan.meta.roomToGrow);
  const placements = c.contents[arrangement].map((id) => report.placements[id]!).filter(Boolean);
  return (
    <figure>
      <svg
        viewBox={`${-2 * px} ${-2 * px} ${width + 4 * px} ${deep + 4 * px}`}
        className={`w-full ${tall ? 'max-h-[60vh]' : 'max-h-44'}`}
        role="group"
        aria-label={`Inside ${c.name}`}
      >
        <rect width={width} height={deep} fill="var(--paper)" stroke="var(--ink)" strokeWidth={1.6 * px} rx={2 * px} />
        {placements.map((p) => (
          <Strip
            key={p.id}
            placement={p}
            deep={deep}
            front={front}
            px={px}
            name={plan.supplies[p.supply]!.name}
            on={p.id === chosen}
          />
        ))}
        <line
          x1={grow}
          x2={grow}
          y1={0}
          y2={deep}
          stroke="var(--reed)"
          strokeWidth={1.4 * px}
          strokeDasharray={`${4 * px} ${3 * px}`}
        />
        {tall && (
          <text x={grow + 6 * px} y={16 * px} fontSize={12 * px} fill="var(--reed)">
            room to grow
          </text>
        )}
      </svg>
      <figcaption className="text-xs text-soft">
        seen from {front ? 'the front' : 'above'} ·{' '}
        {formatSize([c.inside.width, c.inside.depth, c.inside.height], plan.meta.units)} inside,{' '}
        {Math.round(c.fill[arrangement].share * 100)} % full
      </figcaption>
    </figure>
  );
}

function Strip({
  placement: p,
  deep,
  front,
  px,
  name,
  on,
}: {
  placement: PlacementReport;
  deep: number;
  front: boolean;
  px: number;
  name: string;
  on: boolean;
}) {
  const { lie } = p;
  if (!lie || p.fits === 0) return null;
  const rows = front ? lie.layers : lie.rows;
  const size = front ? lie.up : lie.into;
  const perColumn = lie.perColumn;
  const columns = Math.ceil(p.fits / perColumn);
  const stacked = front ? 1 : lie.layers;
  const pieces = [];
  if (columns * rows <= MOST_PIECES && p.width > 0) {
    for (let column = 0; column < columns; column++) {
      for (let row = 0; row < rows; row++) {
        const index = column * rows + row;
        if (index * stacked >= p.fits) break;
        pieces.push(
          <rect
            key={index}
            x={p.left + column * lie.across}
            y={front ? row * size : deep - (row + 1) * size}
            width={lie.across}
            height={size}
            fill="var(--wood)"
            stroke="var(--ink)"
            strokeWidth={0.6 * px}
          />,
        );
      }
    }
  }
  const upright = p.width < name.length * 6.2 * px;
  const x = p.left + p.width / 2;
  return (
    <g
      role="button"
      tabIndex={0}
      aria-label={`${p.count} ${name}, ${p.how}`}
      aria-pressed={on}
      className="cursor-pointer"
      onPointerDown={() => select({ kind: 'placement', id: p.id })}
      onKeyDown={(e) => e.key === 'Enter' && select({ kind: 'placement', id: p.id })}
    >
      <title>{`${p.count} ${name}, ${p.how}`}</title>
      <rect
        x={p.left}
        y={0}
        width={p.width}
        height={deep}
        fill={on ? 'color-mix(in srgb, var(--rust) 14%, var(--leaf))' : 'var(--wash)'}
      />
      {pieces}
      <rect
        x={p.left}
        y={0}
        width={p.width}
        height={deep}
        fill="none"
        stroke={on ? 'var(--rust)' : 'var(--soft)'}
        strokeWidth={(on ? 2.2 : 0.8) * px}
      />
      {p.width > 13 * px && (
        <text
          x={x}
          y={deep / 2}
          dy="0.35em"
          textAnchor="middle"
          fontSize={11 * px}
          fill="var(--ink)"
          stroke="var(--leaf)"
          strokeWidth={3 * px}
          paintOrder="stroke"
          transform={upright ? `rotate(-90 ${x} ${deep / 2})` : undefined}
        >
          {upright && name.length * 5.6 * px > deep
            ? `${name.slice(0, Math.max(3, Math.floor(deep / (5.8 * px)) - 1))}…`
            : name}
        </text>
      )}
    </g>
  );
}
