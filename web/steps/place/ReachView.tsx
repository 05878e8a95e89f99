/** Who reaches and sees what: every person at every seat, counted over all places; and what is left in nobody's view. */
import { Help } from '../../ui/Help.tsx';
import { byName } from '@heronstone/core/model/plan.ts';
import { formatLength, howMany } from '@heronstone/core/model/measure.ts';
import { constantsOf } from '@heronstone/core/model/constants.ts';
import { bodyOf, type HeightBand, type Ripple } from '@heronstone/core/reach/body.ts';
import { seatKey } from '@heronstone/core/scene/seatKey.ts';
import { RippleWord } from '../../drawings/RippleMark.tsx';
import { select, setPerson, setStation, setView, useStore } from '../../state/state.ts';
import { Button } from '../../ui/Button.tsx';

const RIPPLES: readonly Ripple[] = [1, 2, 3, 4, 5, 6];
const BANDS: ReadonlyArray<[HeightBand, string]> = [
  ['floor', 'floor'],
  ['low', 'low'],
  ['easy', 'easy'],
  ['high', 'high'],
  ['steps', 'needs steps'],
];

export function ReachView({ onShow }: { onShow: () => void }) {
  const plan = useStore((s) => s.plan)!;
  const report = useStore((s) => s.report);
  const arrangement = useStore((s) => s.arrangement);
  if (!report) return <p className="text-soft">Working out the figures …</p>;
  const places = report.compartments.filter((c) => c.only === null || c.only === arrangement);
  const seats = byName(plan.stations).flatMap((station) =>
    byName(plan.people).map((person) => ({ station, person, key: seatKey(station, person.id) })),
  );
  const say = (mm: number) => formatLength(Math.round(mm), plan.meta.units);
  const look = (station: string, person: string) => {
    setStation(station);
    setPerson(person);
    setView('above');
    select(null);
    onShow();
  };
  const findings = report.findings.filter((f) =>
    [
      'out of reach',
      'in reach of a child',
      'needs steps',
      'not to be lifted',
      'no room for knees',
      'no turning circle',
      'no clear floor',
      'surface height',
    ].includes(f.code),
  );
  return (
    <div className="min-h-0 grow overflow-y-auto pb-6" tabIndex={0} role="region" aria-label="Reach in figures">
      <h2 className="text-2xl">
        Who reaches and sees what <Help term="ripple" />
      </h2>
      <p className="max-w-3xl text-soft">
        Counted over {howMany(places.length, 'place')}. Table edges, things in front, open doors and slopes are taken
        into account. Heights and arms are in Activities, under who works here.
      </p>
      <div className="mt-3 overflow-x-auto">
        <table className="w-full max-w-5xl" aria-label="Places by ripple">
          <thead>
            <tr className="border-b border-ink text-left">
              <th className="py-1 pr-3">Seat and person</th>
              {RIPPLES.map((r) => (
                <th key={r} className="px-2 py-1 text-right">
                  <RippleWord ripple={r} />
                </th>
              ))}
              <th className="px-2 py-1 text-right">in view</th>
              <th className="px-2 py-1 text-right">front in view</th>
              <th>
                <span className="sr-only">Show</span>
              </th>
            </tr>
          </thead>
          <tbody>
            {seats.map(({ station, person, key }) => {
              const reach = places.flatMap((c) => (c.reach[key] ? [c.reach[key]] : []));
              const count = (test: (r: (typeof reach)[number]) => boolean) => reach.filter(test).length;
              return (
                <tr key={key} className="border-b border-line">
                  <th scope="row" className="py-1 pr-3 text-left font-normal">
                    <b>{station.name}</b>, {person.name}
                    {person.wheelchair && ', wheelchair'}
                  </th>
                  {RIPPLES.map((r) => (
                    <td key={r} className="px-2 py-1 text-right">
                      {count((x) => x.ripple === r)}
                    </td>
                  ))}
                  <td className="px-2 py-1 text-right">{count((x) => x.sight.state === 'things')}</td>
                  <td className="px-2 py-1 text-right">{count((x) => x.sight.state === 'front')}</td>
                  <td className="py-1 pl-2 text-right">
                    <Button
                      look="quiet"
                      aria-label={`Show the reach of ${person.name} at ${station.name}`}
                      onClick={() => look(station.id, person.id)}
                    >
                      Show
                    </Button>
                  </td>
                </tr>
              );
            })}
          </tbody>
        </table>
      </div>
      <h3 className="mt-5 text-lg">By height, standing before it</h3>
      <table className="w-full max-w-3xl" aria-label="Places by height">
        <thead>
          <tr className="border-b border-ink text-left">
            <th className="py-1">Person</th>
            {BANDS.map(([band, word]) => (
              <th key={band} className="px-2 py-1 text-right">
                {word}
              </th>
            ))}
            <th className="px-2 py-1 text-right">highest grip</th>
          </tr>
        </thead>
        <tbody>
          {byName(plan.people).map((person) => {
            const station = byName(plan.stations)[0];
            const key = station ? seatKey(station, person.id) : '';
            const body = bodyOf(person, null, constantsOf(plan.meta.constants));
            return (
              <tr key={person.id} className="border-b border-line">
                <th scope="row" className="py-1 text-left font-normal">
                  {person.name}
                </th>
                {BANDS.map(([band]) => (
                  <td key={band} className="px-2 py-1 text-right">
                    {places.filter((c) => c.reach[key]?.band === band).length}
                  </td>
                ))}
                <td className="px-2 py-1 text-right">
                  {person.wheelchair ? `${say(1220)} (ADA 308)` : say(body.overhead)}
                </td>
              </tr>
            );
          })}
        </tbody>
      </table>
      <h3 className="mt-5 text-lg">To look at ({findings.length})</h3>
      <ul className="max-w-3xl">
        {findings.map((f) => (
          <li key={f.path + f.message} className="border-b border-line py-1">
            <button
              type="button"
              className="min-h-6 text-left hover:underline"
              onClick={() => {
                if (f.targets[0]?.table === 'placements') select({ kind: 'placement', id: f.targets[0].id });
                else if (f.targets[0]?.table === 'units') select({ kind: 'unit', id: f.targets[0].id });
                onShow();
              }}
            >
              <b>Caution: </b>
              {f.message}
            </button>
          </li>
        ))}
        {findings.length === 0 && <li className="text-soft">Everybody reaches what they should, and no more.</li>}
      </ul>
    </div>
  );
}
