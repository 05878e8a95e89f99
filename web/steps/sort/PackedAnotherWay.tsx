/** A line packed another way, beside how it is: loose in bags or in its packs, squashed or not, cut to another size. */
import { useState } from 'react';
import { packChanges, packed, type Pack } from '@heronstone/core/ask/repack.ts';
import type { Room } from '@heronstone/core/ask/capacity.ts';
import { countWords, FORM_FACTS, isRound } from '@heronstone/core/fit/forms.ts';
import { formatLength, type UnitSystem, formatVolume } from '@heronstone/core/model/measure.ts';
import { FORMS, type Supply } from '@heronstone/core/model/plan.ts';
import { engine } from '../../engine/client.ts';
import { useAsked } from '../../state/useAsked.ts';
import { commit } from '../../state/openPlan.ts';
import { notice, useStore } from '../../state/state.ts';
import { Button } from '../../ui/Button.tsx';
import { Choice, LengthField, NumberField } from '../../ui/Field.tsx';
import { Folded } from '../../ui/Sheet.tsx';

export function PackedAnotherWay({ supply }: { supply: Supply }) {
  return (
    <Folded title="Packed another way">
      {/* Begun again when the line is another one, or was packed so. */}
      <Packing key={`${supply.id} ${supply.form} ${supply.count} ${supply.length} ${supply.width}`} supply={supply} />
    </Folded>
  );
}

function Packing({ supply }: { supply: Supply }) {
  const plan = useStore((s) => s.plan)!;
  const arrangement = useStore((s) => s.arrangement);
  const { form, count, length, width, thickness, squeeze } = supply;
  const [pack, setPack] = useState<Pack>({ form, count, length, width, thickness, squeeze });
  const change = (columns: Partial<Pack>) => setPack((p) => ({ ...p, ...columns }));
  const same = (Object.keys(pack) as Array<keyof Pack>).every((field) => pack[field] === supply[field]);
  const { value: found } = useAsked(same ? null : () => engine.repacked(supply.id, pack, arrangement), [
    supply.id,
    arrangement,
    pack,
  ]);
  const system = plan.meta.units;
  const after = packed(supply, pack);
  const [lengthName, widthName, thicknessName] = FORM_FACTS[pack.form].sizes;
  const size = (label: string, field: 'length' | 'width' | 'thickness', most: number) => (
    <LengthField
      label={label}
      value={pack[field]}
      least={field === 'thickness' ? 0.01 : 0.1}
      most={most}
      system={system}
      onSet={(mm) => change({ [field]: mm })}
    />
  );
  return (
    <div role="group" aria-label="Packed another way">
      <Choice
        label="Then it is"
        value={pack.form}
        options={FORMS.filter((f) => f !== 'machine').map((f) => [f, FORM_FACTS[f].many] as const)}
        onSet={(to) => change({ form: to })}
        className="mb-2"
      />
      <div className="grid grid-cols-2 gap-2">
        <NumberField
          label="So many of them"
          value={pack.count}
          least={1}
          most={1_000_000}
          whole
          onSet={(n) => change({ count: n })}
        />
        {size(lengthName, 'length', 6000)}
        {size(widthName, 'width', 6000)}
        {!isRound(pack.form) && size(thicknessName, 'thickness', 3000)}
        {pack.form === 'soft' && (
          <NumberField
            label="Squashed to"
            value={pack.squeeze}
            least={0.1}
            most={1}
            onSet={(share) => change({ squeeze: share })}
          />
        )}
      </div>
      {same && <p className="mt-2 text-xs text-soft">Say how it would be packed, and both stand side by side.</p>}
      {!same && found && (
        <>
          <table className="mt-3 w-full text-sm" aria-label="Packed now and then">
            <thead>
              <tr className="border-b border-ink align-bottom">
                <th className="w-1/2 py-1 pr-2 text-left">{countWords(supply, supply.count)}</th>
                <th className="w-1/2 py-1 text-left">{countWords(after, after.count)}</th>
              </tr>
            </thead>
            <tbody>
              <Line
                name="In all"
                now={formatVolume(found.litres.now * 1000, system)}
                then={formatVolume(found.litres.then * 1000, system)}
              />
              {found.places.map(({ now, then }) => (
                <Line
                  key={now.compartment}
                  name={now.own ? `${now.place} (here)` : now.place}
                  now={words(now, supply, system)}
                  then={words(then, after, system)}
                />
              ))}
            </tbody>
          </table>
          <Button
            className="mt-2"
            onClick={() => {
              if (commit(`Pack ${supply.name} another way`, packChanges(plan, supply, pack)))
                notice(`${supply.name}: ${countWords(after, after.count)} now.`);
            }}
          >
            Pack it this way
          </Button>
        </>
      )}
      {!same && !found && <p className="mt-2 text-soft">Trying every place …</p>}
    </div>
  );
}

/** How many would go into the empty place, how wide all of it lies there, how long one takes to fetch. */
function words(room: Room, supply: Supply, system: UnitSystem): string[] {
  if (room.most === 0) return [room.reason ?? 'does not fit'];
  return [
    room.width === null ? `${room.most} of ${supply.count} fit` : `all fit, ${formatLength(room.width, system)} wide`,
    ...(room.seconds === null ? [] : [`${room.seconds.toFixed(1)} s for one`]),
  ];
}

/** A place, and below it how all of it is there now and would be then. */
function Line({ name, now, then }: { name: string; now: string | string[]; then: string | string[] }) {
  return (
    <>
      <tr>
        <th scope="rowgroup" colSpan={2} className="pt-1.5 text-left">
          {name}
        </th>
      </tr>
      <tr className="border-b border-line align-top">
        {[now, then].map((text, i) => (
          <td key={i} className="pr-2 pb-1.5">
            {(Array.isArray(text) ? text : [text]).map((t) => (
              <span key={t} className="block">
                {t}
              </span>
            ))}
          </td>
        ))}
      </tr>
    </>
  );
}
