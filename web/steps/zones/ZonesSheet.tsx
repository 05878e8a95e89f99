/** Beside the floor: what each zone asks for and what its furniture offers, what would close a gap, and what belongs to it. */
import { useState } from 'react';
import { formatLength, formatVolume } from '@heronstone/core/model/measure.ts';
import type { NeedLine, Report, ZoneReport } from '@heronstone/core/report/evaluate.ts';
import { useStore } from '../../state/state.ts';
import { addZone, giveTo, mergeZones, moveActivity, removeZone, renameZone } from '../../state/zoneActions.ts';
import { Button } from '../../ui/Button.tsx';
import { Choice, TextField } from '../../ui/Field.tsx';
import { Folded, Sheet } from '../../ui/Sheet.tsx';
import { Letter } from './Letter.tsx';
import { givenKey, zoneOptions } from './UnitZones.tsx';

const FORM_WORDS: Readonly<Record<NeedLine['form'], string>> = {
  things: 'drawers, shelves and boxes',
  sheets: 'slots and flat drawers',
  hung: 'hanging',
  tops: 'tops for machines',
  long: 'long pieces',
};
const words = (n: NeedLine) =>
  n.form === 'things'
    ? n.reach === 'arm'
      ? 'at hand, without getting up'
      : 'drawers and shelves, further off'
    : FORM_WORDS[n.form];
function amount(n: NeedLine, value: number): string {
  const { units } = useStore.getState().plan!.meta;
  if (n.unit === 'lines') return String(value);
  if (n.unit === 'm') return formatLength(Math.round(value * 1000), units);
  return formatVolume(value * 1000, units);
}

export function ZonesSheet({ report }: { report: Report }) {
  const plan = useStore((s) => s.plan)!;
  const arrangement = useStore((s) => s.arrangement);
  const homeless = Object.values(plan.activities).filter((a) => !report.zones.some((z) => z.activities.includes(a.id)));
  return (
    <Sheet title="Zones" help="zone" about="step" low line="What each asks for, and what its furniture offers.">
      {report.zones.length === 0 && (
        <p className="text-soft">An activity needs a station, or supplies that it uses, before it can have a zone.</p>
      )}
      {report.zones.map((z) => (
        <ZoneBlock key={z.id} zone={z} report={report} />
      ))}
      {homeless.length > 0 && (
        <section className="mt-3 border-t border-line pt-2">
          <h3 className="font-sans font-bold">In no zone</h3>
          {homeless.map((a) => (
            <Choice
              key={a.id}
              label={a.name}
              value=""
              options={[
                ['', 'choose a zone'],
                ...report.zones.map((z) => [z.id, `${z.letter} · ${z.name}`] as const),
                ['new', 'a zone of its own'],
              ]}
              onSet={(to) => (to === 'new' ? addZone(a.name, [a.id]) : to !== '' && moveActivity(a.id, to))}
            />
          ))}
        </section>
      )}
      {report.flows[arrangement].length > 0 && (
        <Folded title="From zone to zone">
          <ul className="grid gap-1 pt-1">
            {report.flows[arrangement].map((f) => (
              <li key={`${f.from} ${f.to}`} className="flex justify-between gap-3">
                <span>
                  {letterOf(report, f.from)} fetches from {f.to === null ? 'storage' : letterOf(report, f.to)}
                </span>
                <b>
                  {f.fetches.toFixed(1)} a week
                  {f.walked > 0.05 && <span className="font-normal text-soft">, {f.walked.toFixed(1)} on foot</span>}
                </b>
              </li>
            ))}
          </ul>
        </Folded>
      )}
      <Folded title="Furniture, as a list">
        <div className="grid gap-2 pt-1">
          {Object.values(plan.units)
            .filter((u) => u.host === null)
            .sort((a, b) => a.name.localeCompare(b.name, 'en'))
            .map((u) => {
              const places = report.compartments.filter((c) => c.unit === u.id && c.within === null);
              const keys = new Set(places.map(givenKey));
              const key = keys.size === 1 ? [...keys][0]! : 'several';
              return (
                <Choice
                  key={u.id}
                  label={u.name}
                  value={key}
                  options={key === 'several' ? [['several', 'Several'], ...zoneOptions(report)] : zoneOptions(report)}
                  onSet={(to) =>
                    to !== 'several' &&
                    giveTo(
                      { unit: u.id, slot: '', container: null },
                      u.name,
                      to === 'storage' || to === 'open' ? { as: to } : { as: 'zone', zone: to },
                      true,
                    )
                  }
                />
              );
            })}
        </div>
      </Folded>
    </Sheet>
  );
}

const letterOf = (report: Report, id: string) => {
  const zone = report.zones.find((z) => z.id === id);
  return zone ? `${zone.letter} ${zone.name}` : '';
};

function ZoneBlock({ zone, report }: { zone: ZoneReport; report: Report }) {
  const plan = useStore((s) => s.plan)!;
  const arrangement = useStore((s) => s.arrangement);
  const [open, setOpen] = useState(false);
  const purity = zone.purity[arrangement];
  const others = report.zones.filter((z) => z.id !== zone.id);
  return (
    <section aria-label={`Zone ${zone.letter}, ${zone.name}`} className="mt-3 border-t border-line pt-3 first:mt-0">
      <h3 className="flex items-center gap-2">
        <Letter letter={zone.letter} />
        <span className="min-w-0 grow">{zone.name}</span>
        <Button look="quiet" aria-expanded={open} onClick={() => setOpen(!open)}>
          {open ? 'Done' : 'Change'}
        </Button>
      </h3>
      <p className="text-xs text-soft">
        {zone.activities.map((a) => plan.activities[a]?.name).join(' · ')}
        {purity !== null && ` · ${Math.round(100 * purity)} % of its fetches stay inside`}
        {zone.proposed && ' · proposed'}
      </p>
      {zone.need.map((n) => (
        <Need key={n.form + n.reach} need={n} />
      ))}
      {!zone.given && zone.need.length > 0 && (
        <p className="mt-1 text-xs text-soft">Nothing is given to it yet: this is where its things are planned.</p>
      )}
      <Gap zone={zone} />
      {open && (
        <div className="mt-2 grid gap-2 rounded-xl border border-line p-3">
          <div className="flex gap-2">
            <TextField
              label="Name"
              className="grow"
              value={zone.name}
              onSet={(name) => renameZone(zone.id, { name })}
            />
            <TextField
              label="Letter"
              className="w-16"
              value={zone.letter}
              onSet={(letter) => renameZone(zone.id, { letter: letter.toUpperCase() })}
            />
          </div>
          {zone.activities.map((a) => (
            <Choice
              key={a}
              label={plan.activities[a]!.name}
              value={zone.id}
              options={[
                [zone.id, 'stays here'],
                ...others.map((z) => [z.id, `into ${z.letter} · ${z.name}`] as const),
                ['new', 'a zone of its own'],
              ]}
              onSet={(to) =>
                to === 'new' ? addZone(plan.activities[a]!.name, [a]) : to !== zone.id && moveActivity(a, to)
              }
            />
          ))}
          {others.length > 0 && (
            <Choice
              label="Merge it with"
              value=""
              options={[['', 'no other'], ...others.map((z) => [z.id, `${z.letter} · ${z.name}`] as const)]}
              onSet={(into) => into !== '' && mergeZones(zone.id, into)}
            />
          )}
          <Button look="quiet" onClick={() => removeZone(zone.id)}>
            Remove this zone
          </Button>
        </div>
      )}
    </section>
  );
}

/** One bar: what is asked for over what there is; what is short is hatched, and said. */
function Need({ need }: { need: NeedLine }) {
  const short = need.asks > need.has + 1e-6;
  const full = Math.max(need.asks, need.has, 1e-9);
  return (
    <div className="mt-1.5">
      <p className="flex justify-between gap-2 text-xs">
        <span>{words(need)}</span>
        <span className={short ? 'font-bold text-rust' : ''}>
          {amount(need, need.asks)} of {amount(need, need.has)}
        </span>
      </p>
      <div className="flex h-2 overflow-hidden rounded-full border border-ink" aria-hidden="true">
        <span className="bg-w2" style={{ width: `${(100 * Math.min(need.asks, need.has)) / full}%` }} />
        {short && (
          <span
            className="grow"
            style={{ background: 'repeating-linear-gradient(45deg, var(--rust) 0 4px, var(--leaf) 4px 8px)' }}
          />
        )}
      </div>
    </div>
  );
}

/** What would close the largest gap: open furniture with such places, the quickest for the zone first. */
function Gap({ zone }: { zone: ZoneReport }) {
  const plan = useStore((s) => s.plan)!;
  if (!zone.gap) return null;
  const { need, closedBy } = zone.gap;
  return (
    <div className="mt-2 text-xs">
      <p>
        Short by <b>{amount(need, need.asks - need.has)}</b>, {words(need)}.{' '}
        {closedBy.length > 0
          ? 'Nearest that is nobody’s:'
          : zone.stations.length === 0
            ? 'Say at which seat it is done (under Activities), and what is near is named here.'
            : need.reach === 'arm'
              ? 'Nothing open is at hand: move a piece nearer, move spares out, or get one more.'
              : 'No piece is open: move spares out, or get one more piece.'}
      </p>
      {closedBy.map(({ unit, seconds }) => (
        <Button
          key={unit}
          look="quiet"
          className="w-full justify-between!"
          onClick={() =>
            giveTo({ unit, slot: '', container: null }, plan.units[unit]!.name, { as: 'zone', zone: zone.id }, false)
          }
        >
          <span className="truncate">Give it {plan.units[unit]!.name}</span>
          <span className="text-soft">{seconds.toFixed(1)} s a fetch</span>
        </Button>
      ))}
    </div>
  );
}
