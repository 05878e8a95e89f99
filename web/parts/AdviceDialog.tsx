/** Which containers? The mixes that fit a place and what is planned for it, by room or by price, each drawn to scale. */
import { useState } from 'react';
import type { CompartmentReport } from '@heronstone/core/report/evaluate.ts';
import type { By, Mix } from '@heronstone/core/ask/containerAdvice.ts';
import { floorOf } from '@heronstone/core/fit/layOut.ts';
import { takeAdvice } from '@heronstone/core/ask/takeContainerAdvice.ts';
import { formatSize, howMany } from '@heronstone/core/model/measure.ts';
import { engine } from '../engine/client.ts';
import { useAsked } from '../state/useAsked.ts';
import { commit } from '../state/openPlan.ts';
import { newId, notice, select, useStore } from '../state/state.ts';
import { Button } from '../ui/Button.tsx';
import { Dialog } from '../ui/Dialog.tsx';
import { Segments } from '../ui/Segments.tsx';

export function AdviceDialog({ compartment: c, onClose }: { compartment: CompartmentReport; onClose: () => void }) {
  const plan = useStore((s) => s.plan)!;
  const [by, setBy] = useState<By>('space');
  const asked = useAsked(() => engine.advice(c.id, by), [c.id, by]);
  const advice = asked.stale ? null : asked.value;
  const take = (mix: Mix) => {
    if (commit(`Containers for ${c.name}`, takeAdvice(plan, c, mix, newId))) {
      notice(
        `${howMany(mix.placed.length, 'container stands', 'containers stand')} in ${c.name} now, on the shopping list.`,
      );
      select({ kind: 'compartment', id: c.id });
      onClose();
    }
  };
  return (
    <Dialog open onOpenChange={(open) => !open && onClose()} title={`Which containers for ${c.name}?`} wide>
      <Segments
        label="What counts first"
        value={by}
        options={[
          ['space', 'least room first'],
          ['price', 'least money first'],
        ]}
        onSet={setBy}
      />
      <div className="mt-3 min-h-40 overflow-y-auto" tabIndex={0} role="region" aria-label="Mixes">
        {!advice && <p className="text-soft">Trying the containers of the library …</p>}
        {advice?.reason && <p className="font-bold text-lichen first-letter:uppercase">{advice.reason}.</p>}
        {advice && advice.without.length > 0 && (
          <p className="text-soft">
            In no container of the library here: {advice.without.map((id) => plan.supplies[id]?.name).join(', ')}. They
            lie beside the containers.
          </p>
        )}
        {advice?.mixes.map((mix, i) => (
          <article key={i} className="mt-3 grid gap-4 rounded-2xl border border-line p-4 md:grid-cols-[240px_1fr]">
            <MixDrawing mix={mix} compartment={c} />
            <div>
              <h3 className="text-lg">
                {i > 0 ? `Number ${i + 1}` : advice.exact ? 'Best' : 'Found'}: {Math.round(mix.share * 100)} % of the
                floor, {mix.price.toFixed(2)}
                {mix.unpriced > 0 && ` and ${mix.unpriced} without a price`}
              </h3>
              <ul className="mt-1">
                {mix.items.map((item) => (
                  <li key={item.supply} className="border-t border-line py-1">
                    <b>
                      {item.count} {plan.supplies[item.supply]?.name}
                    </b>
                    <span className="block text-soft">
                      {item.shape
                        ? `${item.containers} × ${item.shape.name} (${formatSize([item.shape.width, item.shape.depth, item.shape.height], plan.meta.units)}), up to ${item.each} in each, ${item.how}`
                        : item.how}
                    </span>
                  </li>
                ))}
              </ul>
              <Button look={i === 0 ? 'main' : 'plain'} className="mt-3" onClick={() => take(mix)}>
                Take {i === 0 ? 'this mix' : `number ${i + 1}`}
              </Button>
            </div>
          </article>
        ))}
        {advice && !advice.exact && advice.mixes.length > 0 && (
          <p className="mt-2 text-soft">
            {advice.mixes[0]!.partly
              ? 'Containers for everything do not fit side by side here, or were not found in time; what saves most room lies without one.'
              : 'The search was cut short; there may be a better mix.'}
          </p>
        )}
      </div>
    </Dialog>
  );
}

function MixDrawing({ mix, compartment: c }: { mix: Mix; compartment: CompartmentReport }) {
  const plan = useStore((s) => s.plan)!;
  const { width, depth } = floorOf(c);
  const px = Math.max(width / 230, depth / 200);
  return (
    <svg
      viewBox={`${-2 * px} ${-2 * px} ${width + 4 * px} ${depth + 4 * px}`}
      className="max-h-52 w-full"
      role="img"
      aria-label={`${howMany(mix.placed.length, 'container')} in ${c.name}`}
    >
      <rect width={width} height={depth} fill="var(--paper)" stroke="var(--ink)" strokeWidth={1.6 * px} />
      {mix.placed.map((p) => {
        const name = plan.supplies[p.id.slice(0, p.id.lastIndexOf(' '))]?.name ?? '';
        const y = c.access === 'peg' ? p.y : depth - p.y - p.d;
        const letters = Math.floor(p.w / (6 * px));
        return (
          <g key={p.id}>
            <title>{name}</title>
            <rect
              x={p.x}
              y={y}
              width={p.w}
              height={p.d}
              rx={3 * px}
              fill="var(--wood)"
              stroke="var(--ink)"
              strokeWidth={px}
            />
            {letters > 2 && p.d > 12 * px && (
              <text
                x={p.x + p.w / 2}
                y={y + p.d / 2}
                dy="0.35em"
                textAnchor="middle"
                fontSize={10.5 * px}
                fill="var(--ink)"
              >
                {name.length > letters ? `${name.slice(0, letters - 1)}…` : name}
              </text>
            )}
          </g>
        );
      })}
    </svg>
  );
}
