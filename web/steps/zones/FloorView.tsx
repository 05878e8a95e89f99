/** The floor with its zones: a brush is chosen above, and pieces of furniture are given to it by a click or by Enter. */
import { RadioGroup } from 'radix-ui';
import { useEffect, useState } from 'react';
import type { Report } from '@heronstone/core/report/evaluate.ts';
import { FromAbove } from '../../drawings/FromAbove.tsx';
import { select, useStore } from '../../state/state.ts';
import { addZone, giveTo, keepZones, type Brush } from '../../state/zoneActions.ts';
import { Button } from '../../ui/Button.tsx';
import { Select } from '../../ui/Select.tsx';
import { useNarrow } from '../../ui/narrow.ts';
import { Letter } from './Letter.tsx';
import { UnitZones } from './UnitZones.tsx';
import { ZonesSheet } from './ZonesSheet.tsx';

const LOOK = 'look';
const brushOf = (key: string): Brush | null =>
  key === LOOK ? null : key === 'storage' || key === 'open' ? { as: key } : { as: 'zone', zone: key };

export function FloorView({ report }: { report: Report }) {
  const plan = useStore((s) => s.plan)!;
  const selected = useStore((s) => s.selected);
  const [key, setKey] = useState(LOOK);
  const [firm, setFirm] = useState(true);
  const [shared, setShared] = useState(false);
  useEffect(() => select(null), []);
  const narrow = useNarrow();
  const brush = brushOf(key);
  const unit = selected?.kind === 'unit' ? plan.units[selected.id] : undefined;
  const proposed = report.zones.some((z) => z.proposed);
  const paint = (id: string) => {
    if (brush) giveTo({ unit: id, slot: '', container: null }, plan.units[id]!.name, brush, firm, shared);
  };
  const zonesById = Object.fromEntries(report.zones.map((z) => [z.id, z]));
  const brushes: Array<readonly [string, string, string | null]> = [
    [LOOK, 'Look', null],
    ...report.zones.map((z) => [z.id, z.name, z.letter] as const),
    ['storage', 'Storage', 'S'],
    ['open', 'Open', null],
  ];
  return (
    <>
      <section aria-label="The floor" className="flex min-h-0 min-w-0 grow flex-col px-2 md:px-4">
        <div className="flex shrink-0 items-center gap-x-2 px-1 pb-1 max-md:flex-wrap">
          {narrow ? (
            <Select
              look="round"
              label="Give to"
              value={key}
              options={brushes.map(
                ([id, name, letter]) =>
                  [
                    id,
                    letter
                      ? `Give to ${letter} · ${name}`
                      : name === 'Look'
                        ? 'Look, or choose a zone to give to'
                        : 'Give to nobody',
                  ] as const,
              )}
              onSet={setKey}
            />
          ) : (
            <RadioGroup.Root
              aria-label="Give to"
              value={key}
              onValueChange={setKey}
              orientation="horizontal"
              className="flex min-w-0 items-center gap-1.5"
            >
              <span className="mr-1 shrink-0 text-soft" aria-hidden="true">
                Give to
              </span>
              {brushes.map(([id, name, letter]) => (
                <RadioGroup.Item
                  key={id}
                  value={id}
                  aria-label={letter ? `${letter} ${name}` : name}
                  title={name}
                  className={`${id in zonesById ? 'min-w-20' : 'shrink-0'} flex min-h-8 max-w-52 items-center gap-1.5 rounded-full border border-line bg-leaf pr-3 pl-1 data-[state=checked]:border-2 data-[state=checked]:border-ink data-[state=checked]:font-bold max-md:min-h-11`}
                >
                  {letter ? <Letter letter={letter} /> : <span className="pl-2" />}
                  <span className="truncate">{name}</span>
                </RadioGroup.Item>
              ))}
            </RadioGroup.Root>
          )}
          {brush !== null && brush.as !== 'open' && (
            <span className="flex items-center gap-3">
              <label className="flex min-h-8 items-center gap-1.5">
                <input type="checkbox" checked={firm} onChange={(e) => setFirm(e.target.checked)} />
                firm
              </label>
              {brush.as === 'zone' && (
                <label className="flex min-h-8 items-center gap-1.5">
                  <input type="checkbox" checked={shared} onChange={(e) => setShared(e.target.checked)} />
                  shared with those that have it
                </label>
              )}
            </span>
          )}
          <Button look="quiet" onClick={() => addZone('New zone')}>
            + Zone
          </Button>
          {proposed && report.zones.length > 0 && (
            <Button
              className="shrink-0"
              onClick={keepZones}
              title="They become your own, and no longer change with your activities."
            >
              Keep these zones
            </Button>
          )}
        </div>
        <div className="min-h-0 grow pb-1">
          <FromAbove rings={false} zones={{ onUnit: brush ? paint : null }} />
        </div>
      </section>
      {unit && !brush ? <UnitZones key={unit.id} unit={unit} report={report} /> : <ZonesSheet report={report} />}
    </>
  );
}
