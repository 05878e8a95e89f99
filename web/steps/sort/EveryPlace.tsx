/** One supply in every place, side by side: how many, how lying, seconds for one, the room that all of it takes, why not more. */
import { useState } from 'react';
import type { Room } from '@heronstone/core/ask/capacity.ts';
import { formatLength, formatVolume } from '@heronstone/core/model/measure.ts';
import type { Supply } from '@heronstone/core/model/plan.ts';
import { select, useStore } from '../../state/state.ts';
import { Dialog } from '../../ui/Dialog.tsx';
import { Choice } from '../../ui/Field.tsx';

/** By what the places can be put in order; what has no figure comes last. */
const ORDERS = [
  ['seconds', 'quickest first'],
  ['more', 'most room first'],
  ['litres', 'least room taken first'],
] as const;
type Order = (typeof ORDERS)[number][0];

const rank = (order: Order, room: Room): number => {
  const value = order === 'more' ? -room.more - room.most / 1e9 : room[order];
  return value === null || room.most === 0 ? Infinity : value;
};

export function EveryPlace({
  supply,
  rooms,
  onClose,
}: {
  supply: Supply;
  rooms: readonly Room[];
  onClose: () => void;
}) {
  const system = useStore((s) => s.plan!.meta.units);
  const [order, setOrder] = useState<Order>('seconds');
  const sorted = [...rooms].sort(
    (a, b) => rank(order, a) - rank(order, b) || b.most - a.most || a.place.localeCompare(b.place, 'en'),
  );
  return (
    <Dialog wide open onOpenChange={(open) => !open && onClose()} title={`${supply.name}: every place`}>
      <Choice label="In order" className="mb-2 max-w-60" value={order} options={ORDERS} onSet={setOrder} />
      <div className="min-h-0 overflow-auto" tabIndex={0} role="region" aria-label="Every place">
        <table className="w-full max-md:block" aria-label="Every place, side by side">
          <thead className="sticky top-0 bg-leaf max-md:hidden">
            <tr className="border-b border-ink text-left align-bottom">
              <th className="py-1 pr-3">Place</th>
              <th className="py-1 pr-3 text-right">There is room for</th>
              <th className="py-1 pr-3 text-right">If empty</th>
              <th className="py-1 pr-3">How they lie</th>
              <th className="py-1 pr-3 text-right">Fetching one</th>
              <th className="py-1 pr-3 text-right">All {supply.count} take</th>
              <th className="py-1">Why not more</th>
            </tr>
          </thead>
          <tbody className="max-md:block">
            {sorted.map((r) => (
              <tr
                key={r.compartment}
                className={`border-b border-line align-top max-md:block max-md:py-2 ${r.own ? 'font-bold' : ''}`}
              >
                <th scope="row" className={`py-1 pr-3 text-left max-md:block ${r.own ? '' : 'font-normal'}`}>
                  <button
                    type="button"
                    className="text-left hover:underline max-md:min-h-11"
                    onClick={() => {
                      onClose();
                      select({ kind: 'compartment', id: r.compartment });
                    }}
                  >
                    {r.place}
                    {r.own && ' (here)'}
                  </button>
                </th>
                <Cell name="There is room for" right>
                  {r.own ? `${r.more} more` : r.more}
                </Cell>
                <Cell name="If empty" right>
                  {r.most}
                </Cell>
                <Cell name="How they lie">{r.how === '' ? '–' : `${r.how}; ${r.seen}`}</Cell>
                <Cell name="Fetching one" right>
                  {r.seconds === null ? '–' : `${r.seconds.toFixed(1)} s`}
                </Cell>
                <Cell name={`All ${supply.count} take`} right>
                  {r.width === null
                    ? '–'
                    : `${formatLength(r.width, system)} wide, ${formatVolume(r.litres! * 1000, system)}`}
                </Cell>
                <Cell name="Why not more">{r.reason ?? '–'}</Cell>
              </tr>
            ))}
          </tbody>
        </table>
      </div>
    </Dialog>
  );
}

/** A figure; on a phone with its name before it. */
function Cell({ name, right = false, children }: { name: string; right?: boolean; children: React.ReactNode }) {
  return (
    <td className={`py-1 pr-3 max-md:flex max-md:justify-between max-md:gap-3 ${right ? 'md:text-right' : ''}`}>
      <span className="text-soft md:hidden" aria-hidden="true">
        {name}
      </span>
      <span>{children}</span>
    </td>
  );
}
