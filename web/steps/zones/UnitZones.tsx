/** One piece of furniture: to which zone it is given, as a whole and place by place. */
import { useState } from 'react';
import type { CompartmentReport, Report } from '@heronstone/core/report/evaluate.ts';
import type { Unit } from '@heronstone/core/model/plan.ts';
import { giveTo, type Brush } from '../../state/zoneActions.ts';
import { fillRoom, useSearching } from '../../state/searching.ts';
import { Button } from '../../ui/Button.tsx';
import { Choice } from '../../ui/Field.tsx';
import { Sheet } from '../../ui/Sheet.tsx';

/** The options of every list of zones. */
export const zoneOptions = (report: Report): Array<readonly [string, string]> => [
  ['open', 'Open: the plan decides'],
  ...report.zones.map((z) => [z.id, `${z.letter} · ${z.name}`] as const),
  ['storage', 'Storage'],
];
const brush = (key: string): Brush => (key === 'storage' || key === 'open' ? { as: key } : { as: 'zone', zone: key });

/** What a list shows of a place: its zone, storage, open, or several. */
export function givenKey(c: Pick<CompartmentReport, 'given'> | undefined): string {
  if (!c || c.given.as === 'open') return 'open';
  return c.given.as === 'storage' ? 'storage' : c.given.zones.length > 1 ? 'several' : c.given.zones[0]!;
}

export function UnitZones({ unit, report }: { unit: Unit; report: Report }) {
  const [firm, setFirm] = useState(true);
  const running = useSearching((s) => s.running);
  const places = report.compartments.filter((c) => c.unit === unit.id && c.only !== 'today');
  const openings = places.filter((c) => c.within === null);
  const keys = new Set(openings.map(givenKey));
  const whole = keys.size === 1 ? [...keys][0]! : 'several';
  const options = zoneOptions(report);
  const withSeveral = (key: string) => (key === 'several' ? [['several', 'Several'] as const, ...options] : options);
  return (
    <Sheet title={unit.name} line={`${openings.length} ${openings.length === 1 ? 'place' : 'places'}`}>
      <Choice
        label="All of it is given to"
        value={whole}
        options={withSeveral(whole)}
        onSet={(key) =>
          key !== 'several' && giveTo({ unit: unit.id, slot: '', container: null }, unit.name, brush(key), firm)
        }
      />
      <label className="mt-1 flex min-h-8 items-center gap-1.5">
        <input type="checkbox" checked={firm} onChange={(e) => setFirm(e.target.checked)} />
        Firm: nothing of another zone is put there. Else it is a wish.
      </label>
      <Button
        className="mt-2 w-full"
        disabled={running !== null}
        onClick={() => void fillRoom({ kind: 'given', unit: unit.id }, `Plan ${unit.name} and its zone`)}
      >
        Plan only this and its zone again
      </Button>
      {openings.length > 1 && (
        <ul className="mt-4 grid gap-2" aria-label="Place by place">
          {openings.map((c) => (
            <li key={c.id}>
              <Choice
                label={`${c.short}${c.homeName.planned ? ` · ${c.homeName.planned}` : ''}`}
                value={givenKey(c)}
                options={withSeveral(givenKey(c))}
                onSet={(key) =>
                  key !== 'several' &&
                  giveTo({ unit: unit.id, slot: c.slot, container: null }, c.name, brush(key), firm)
                }
              />
            </li>
          ))}
        </ul>
      )}
    </Sheet>
  );
}
