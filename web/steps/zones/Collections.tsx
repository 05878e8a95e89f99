/** Collections and kinds that pull at the same things: which of the two is torn, and a button for the other. */
import { howMany } from '@heronstone/core/model/measure.ts';
import type { Report } from '@heronstone/core/report/evaluate.ts';
import type { CollectionReport } from '@heronstone/core/report/report.ts';
import { placeOf } from '@heronstone/core/report/placeOf.ts';
import { dissolveHome, keepCollection } from '../../state/zoneActions.ts';
import { Button } from '../../ui/Button.tsx';

export function Collections({ report }: { report: Report }) {
  const { collections } = report.names.planned;
  if (collections.length === 0) return null;
  return (
    <details className="px-1 pb-2 text-soft">
      <summary className="w-fit cursor-pointer">
        {howMany(collections.length, 'collection')} against kinds: one of the two is torn
      </summary>
      <ul className="mt-1 grid max-h-60 max-w-4xl gap-2 overflow-y-auto" aria-label="Collections against kinds">
        {collections.map((c) => (
          <Line key={c.name} collection={c} report={report} />
        ))}
      </ul>
      <p className="mt-1 text-xs">
        What each way costs in minutes: Place, Ways, Try all ways (“By maker or collection” beside “By homes”).
      </p>
    </details>
  );
}

function Line({ collection: c, report }: { collection: CollectionReport; report: Report }) {
  const whole = c.runs.length === 1;
  // The maker's own home of that name with just these things: the button takes it back.
  const home = report.homes.find((h) => h.own && h.set && h.name.toLowerCase() === c.name.toLowerCase());
  const kinds = c.kinds.map((k) => `${k.kind} (${k.inside} of it, ${k.outside} of others)`).join(', ');
  const first = placeOf(report, c.runs[0]![0])?.name ?? '';
  return (
    <li className="flex flex-wrap items-center justify-between gap-2">
      <span className="min-w-0 grow basis-80">
        <b className="text-ink">{c.name}</b>
        {whole
          ? ` lies whole in ${first}. Its kinds: ${kinds}.`
          : ` lies in ${c.runs.length} places. Its kinds: ${kinds}.`}
      </span>
      {home ? (
        <Button look="quiet" onClick={() => dissolveHome(home.id)}>
          Leave {c.name} to its kinds
        </Button>
      ) : (
        <Button look="quiet" onClick={() => keepCollection(c.name)}>
          Keep {c.name} whole
        </Button>
      )}
    </li>
  );
}
