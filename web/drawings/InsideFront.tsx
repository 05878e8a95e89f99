/** One place at scale from the front: how high everything reaches, what stands before what. */
import type { CompartmentReport } from '@heronstone/core/report/evaluate.ts';
import { heightIn } from '@heronstone/core/fit/pieces.ts';
import { formatLength } from '@heronstone/core/model/measure.ts';
import { select, shownPlan, useStore } from '../state/state.ts';
import { NameIn } from './NameIn.tsx';

export function InsideFront({ compartment: c }: { compartment: CompartmentReport }) {
  const plan = useStore(shownPlan)!;
  const report = useStore((s) => s.report)!;
  const shown = useStore((s) => s.arrangement);
  const selected = useStore((s) => s.selected);
  const arrangement = c.only ?? shown;
  const { width, height } = c.inside;
  const px = Math.max(width / 640, height / 420);
  const things = [
    ...c.contents[arrangement].flatMap((id) => {
      const p = report.placements[id];
      if (!p?.block) return [];
      const supply = plan.supplies[p.supply]!;
      return [{ kind: 'placement' as const, id, name: supply.name, block: p.block, high: heightIn(p, supply) }];
    }),
    ...c.holds[arrangement].flatMap((id) => {
      const rect = report.containers[id]?.rect;
      const row = plan.containers[id];
      return rect && row ? [{ kind: 'container' as const, id, name: row.name, block: rect, high: row.height }] : [];
    }),
    // What is at the back is drawn first, what is in front covers it.
  ].sort((a, b) => b.block.y - a.block.y || b.high - a.high);
  return (
    <svg
      viewBox={`${-2 * px} ${-2 * px} ${width + 4 * px} ${height + 4 * px}`}
      className="max-h-[60vh] w-full"
      role="group"
      aria-label={`Inside ${c.name}, from the front`}
    >
      <rect width={width} height={height} fill="var(--paper)" stroke="var(--ink)" strokeWidth={1.6 * px} />
      {things.map((t) => {
        const on = selected?.kind === t.kind && selected.id === t.id;
        const high = Math.min(t.high, height);
        const [x, y] = [t.block.x, height - high];
        return (
          <g
            key={`${t.kind} ${t.id}`}
            role="button"
            tabIndex={0}
            aria-label={`${t.name}, ${formatLength(high, plan.meta.units)} high`}
            aria-pressed={on}
            className="cursor-pointer"
            onPointerDown={() => select({ kind: t.kind, id: t.id })}
            onKeyDown={(e) => e.key === 'Enter' && select({ kind: t.kind, id: t.id })}
          >
            <title>{`${t.name}, ${formatLength(high, plan.meta.units)} high`}</title>
            <rect
              x={x}
              y={y}
              width={t.block.w}
              height={high}
              rx={t.kind === 'container' ? 4 * px : 0}
              fill={t.kind === 'container' ? 'var(--leaf)' : 'var(--wood)'}
              stroke={on ? 'var(--rust)' : 'var(--ink)'}
              strokeWidth={(on ? 2.4 : t.kind === 'container' ? 1.6 : 0.9) * px}
            />
            <NameIn name={t.name} x={x} y={y} width={t.block.w} height={high} px={px} />
          </g>
        );
      })}
    </svg>
  );
}
