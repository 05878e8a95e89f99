/** Strain: what is lifted, what a session asks of the body, shelves that sag, furniture that could tip. */
import { figureIn, unitIn } from '@heronstone/core/model/amounts.ts';
import { placeOf } from '@heronstone/core/report/placeOf.ts';
import { formatLength, formatBend, formatMass, formatWalk } from '@heronstone/core/model/measure.ts';
import { multipliers } from '@heronstone/core/checks/lifting.ts';
import { stiffness } from '@heronstone/core/checks/sag.ts';
import { CONSTANTS, constantsOf, type ConstantKey } from '@heronstone/core/model/constants.ts';
import { Link } from 'react-router';
import { select, useStore } from '../../state/state.ts';

export function StrainView({ onShow }: { onShow: () => void }) {
  const plan = useStore((s) => s.plan)!;
  const report = useStore((s) => s.report);
  const arrangement = useStore((s) => s.arrangement);
  if (!report) return <p className="text-soft">Working out the figures …</p>;
  const constants = constantsOf(plan.meta.constants);
  const { lifts, loads, sags, tips } = report.strain[arrangement];
  const place = (id: string) => placeOf(report, id)?.name ?? id;
  const system = plan.meta.units;
  const say = (mm: number) => formatLength(Math.round(mm), system);
  const weigh = (kg: number) => formatMass(kg * 1000, system);
  const show = (what: Parameters<typeof select>[0]) => {
    select(what);
    onShow();
  };
  return (
    <div className="min-h-0 grow overflow-y-auto pb-6" tabIndex={0} role="region" aria-label="Strain in figures">
      <h2 className="text-2xl">Strain, {arrangement === 'today' ? 'as things lie today' : 'as planned'}</h2>
      <p className="max-w-3xl text-soft">
        Figures for healthy adults in good conditions: guidance, not medical advice and not a safety certificate. Tall
        furniture and drawers are fixed to the wall, with fixings that suit the wall, away from cables and pipes.
      </p>
      <Table
        title="Lifted out and put back"
        note="Revised NIOSH lifting equation (Waters et al. 1993). Above 1 some people are at risk, above 3 many."
        heads={['What', 'Mass', 'From', 'To', 'Limit', 'Index']}
        none={`Nothing of ${system === 'imperial' ? '7 lb' : '3 kg'} or more has to be lifted out of its place.`}
        rows={lifts.map((l) => ({
          key: `${l.placement}${l.container}`,
          onShow: () =>
            show(l.placement ? { kind: 'placement', id: l.placement } : { kind: 'container', id: l.container! }),
          cells: [
            l.placement
              ? plan.supplies[report.placements[l.placement]!.supply]!.name
              : plan.containers[l.container!]!.name,
            weigh(l.mass),
            say(l.from),
            say(l.to),
            l.limit > 0 ? weigh(l.limit) : 'too high or far',
            l.index >= 99 ? 'beyond' : l.index.toFixed(1),
          ],
          bad: l.index > 1,
          how: `${weigh(constants.lift)} × ${Object.entries<number>({ ...multipliers(l.lift) })
            .map(([name, value]) => `${name.toUpperCase()} ${value.toFixed(2)}`)
            .join(
              ' × ',
            )} = ${weigh(l.limit)}; hands ${say(l.lift.h * 10)} from the ankles, ${say(l.lift.v * 10)} up, moved ${say(l.lift.d * 10)}, grip ${l.lift.grip}; ${l.limit > 0 ? `index ${l.mass.toFixed(1)} / ${l.limit.toFixed(1)}` : 'a multiplier of 0: beyond what the equation allows'}`,
          of: ['lift'],
        }))}
      />
      <Table
        title="What one session asks of the body"
        note="Counted from the fetches and returns of each session."
        heads={['Activity', 'Getting up', 'Bends and kneels', 'Steps', 'Walking']}
        none="Nothing is fetched yet."
        rows={report.week[arrangement].activities.map((a) => ({
          key: a.activity,
          onShow: null,
          cells: [
            plan.activities[a.activity]?.name ?? '',
            `${a.perSession.ups.toFixed(0)} ×`,
            `${a.perSession.bends.toFixed(0)} ×`,
            `${a.perSession.steps.toFixed(1)} ×`,
            formatWalk(a.perSession.metres * 1000, system),
          ],
          bad: a.perSession.bends > 20 || a.perSession.steps > 5,
          how: null,
          of: [],
        }))}
      />
      <Table
        title="Shelves under their load"
        note="Simply supported, even load: 5 w L⁴ / 384 E I; in time with creep. A limit given by the shelf's maker comes first."
        heads={['Shelf', 'Load', 'Span', 'Sags now', 'In time', 'Usual limit']}
        none="No shelf carries anything."
        rows={sags.slice(0, 12).map((s) => ({
          key: s.compartment,
          onShow: () => show({ kind: 'compartment', id: s.compartment }),
          cells: [
            place(s.compartment),
            weigh(s.mass),
            say(s.span),
            formatBend(s.now, system),
            formatBend(s.lasting, system),
            formatBend(s.limit, system),
          ],
          bad: s.share > 1,
          how: (() => {
            const unit = plan.units[s.compartment.split('/')[0]!]!;
            const made = stiffness(unit.material, constants)!;
            return `${unit.material}, ${say(unit.board)} thick, E ${figureIn(made.e, unitIn('N/mm²', system).factor)} ${unitIn('N/mm²', system).unit}; in time × (1 + ${made.creep}); limit: span / ${constants.sagLimit}`;
          })(),
          of: ['sagLimit', 'eParticleboard', 'creepBoard'],
        }))}
      />
      {loads.length > 0 && (
        <Table
          title="Limits that you typed"
          note="What lies in each place, against what the furniture carries by its maker’s word."
          heads={['Place', 'Load', 'Carries']}
          none=""
          rows={loads.slice(0, 12).map((l) => ({
            key: l.compartment,
            onShow: () => show({ kind: 'compartment', id: l.compartment }),
            cells: [place(l.compartment), weigh(l.mass), weigh(l.limit)],
            bad: l.mass > l.limit,
            how: null,
            of: [],
          }))}
        />
      )}
      <Table
        title="Could it tip?"
        note="What holds it down, divided by what tips it, with somebody pulling on the drawer (after ASTM F2057); below 1 it tips."
        heads={['Drawer unit', 'Worst drawer out', 'All out', 'Fixed to the wall']}
        none="There is no drawer unit."
        rows={tips.map((t) => ({
          key: t.unit,
          onShow: () => show({ kind: 'unit', id: t.unit }),
          cells: [plan.units[t.unit]!.name, ratio(t.single), ratio(t.all), t.fixed ? 'yes' : 'not yet: fix it'],
          bad: !t.fixed && t.single < 1,
          how: t.drawer
            ? `moments about the front edge: the empty unit and closed drawers hold, drawer ${t.drawer} with its contents and ${weigh(constants.pull)} on its front edge tip`
            : null,
          of: ['pull'],
        }))}
      />
    </div>
  );
}

const ratio = (n: number) => (Number.isFinite(n) ? `${n.toFixed(2)}${n < 1 ? ', tips' : ''}` : 'stands');

function Table({
  title,
  note,
  heads,
  rows,
  none,
}: {
  title: string;
  note: string;
  heads: readonly string[];
  none: string;
  rows: ReadonlyArray<{
    key: string;
    cells: readonly string[];
    bad: boolean;
    onShow: (() => void) | null;
    /** How the figures were got, and the constants in them. */
    how: string | null;
    of: readonly ConstantKey[];
  }>;
}) {
  const plan = useStore((s) => s.plan)!;
  return (
    <section aria-label={title} className="mt-5 max-w-4xl">
      <h3 className="text-lg">{title}</h3>
      <p className="text-xs text-soft">{note}</p>
      {rows.length === 0 ? (
        <p className="text-soft">{none}</p>
      ) : (
        <table className="mt-1 w-full">
          <thead>
            <tr className="border-b border-ink text-left">
              {heads.map((h, i) => (
                <th key={h} className={`py-1 pr-3 ${i > 0 ? 'text-right' : ''}`}>
                  {h}
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {rows.map((r) => (
              <tr key={r.key} className="border-b border-line align-top">
                {r.cells.map((cell, i) => (
                  <td key={i} className={`py-1 pr-3 ${i > 0 ? 'text-right' : ''} ${r.bad ? 'font-bold' : ''}`}>
                    {i === 0 && r.onShow ? (
                      <button type="button" className="min-h-6 text-left hover:underline" onClick={r.onShow}>
                        {r.bad && <span className="text-rust">Look: </span>}
                        {cell}
                      </button>
                    ) : (
                      cell
                    )}
                    {i === 0 && r.how && (
                      <details className="max-w-md text-xs font-normal text-soft">
                        <summary className="cursor-pointer">how it was worked out</summary>
                        {r.how}.{' '}
                        {r.of.map((key) => (
                          <Link
                            key={key}
                            to={`/plan/${plan.meta.id}/place?view=constants&of=${key}`}
                            className="mr-2 text-rust underline"
                          >
                            change {CONSTANTS[key].words}
                          </Link>
                        ))}
                      </details>
                    )}
                  </td>
                ))}
              </tr>
            ))}
          </tbody>
        </table>
      )}
    </section>
  );
}
