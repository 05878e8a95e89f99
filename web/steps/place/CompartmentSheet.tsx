import { Help } from '../../ui/Help.tsx';
import { GripVertical } from 'lucide-react';
import { useState } from 'react';
import type { CompartmentReport, PlacementReport } from '@heronstone/core/report/evaluate.ts';
import { formatLength, formatMass, formatSize } from '@heronstone/core/model/measure.ts';
import { Inside } from '../../drawings/Inside.tsx';
import { RippleWord } from '../../drawings/RippleMark.tsx';
import { fillWords } from '../../drawings/FillBar.tsx';
import { emptyOfContainers } from '@heronstone/core/ask/takeContainerAdvice.ts';
import { drags, type Moving } from '../../state/held.ts';
import { commit } from '../../state/openPlan.ts';
import { personOf, seatOf, select, stationOf, useStore } from '../../state/state.ts';
import { Button } from '../../ui/Button.tsx';
import { Fact, Heading } from '../../ui/Field.tsx';
import { Photos } from '../../parts/Photos.tsx';
import { Sheet } from '../../ui/Sheet.tsx';
import { engine } from '../../engine/client.ts';
import { useAsked } from '../../state/useAsked.ts';
import { Dialog } from '../../ui/Dialog.tsx';
import { Elements } from '../../parts/Elements.tsx';
import { FetchPlay } from './FetchPlay.tsx';
import { KeptFor } from '../../parts/KeptFor.tsx';
import { WholePlace } from './WholePlace.tsx';
import { AdviceDialog } from '../../parts/AdviceDialog.tsx';

/** A chosen drawer, shelf or cubby: how it is reached and what lies in it. */
export function CompartmentSheet({
  compartment: c,
  onMove,
}: {
  compartment: CompartmentReport;
  onMove: (moving: Moving) => void;
}) {
  const plan = useStore((s) => s.plan)!;
  const report = useStore((s) => s.report)!;
  const stationId = useStore(stationOf);
  const arrangement = useStore((s) => s.arrangement);
  const [advice, setAdvice] = useState(false);
  const system = plan.meta.units;
  const seat = useStore(seatOf);
  const person = useStore(personOf);
  const reach = seat ? c.reach[seat] : undefined;
  const [playing, setPlaying] = useState(false);
  const { value: account } = useAsked(stationId && person ? () => engine.account(stationId, c.id, person.id) : null, [
    stationId,
    person?.id,
    c.id,
  ]);
  const [opened, setOpened] = useState(false);
  const fill = c.fill[arrangement];
  return (
    <Sheet title={c.name} line={`${formatSize([c.inside.width, c.inside.depth, c.inside.height], system)} inside`}>
      <dl>
        {c.homeName[arrangement] !== '' && (
          <Fact name={c.letters === '' ? 'Home' : `Home, in zone ${c.letters}`}>
            {c.homeName[arrangement]}
            <Help term="home" />
            {!c.canBeNamed[arrangement] && <span className="block text-rust">too many to be named</span>}
          </Fact>
        )}
        {reach && stationId && (
          <>
            <Fact name={`From ${plan.stations[stationId]!.name}`}>
              <RippleWord ripple={reach.ripple} />
              <Help term="ripple" />
            </Fact>
            <Fact name="Height">
              {reach.band === 'steps' ? 'needs steps' : reach.band}, {formatLength(c.access3.z, system)} up
            </Fact>
            <Fact name="Walk">
              {reach.walk === 0
                ? 'none'
                : `${formatLength(reach.walk, system)}, ${reach.paces} ${reach.paces === 1 ? 'pace' : 'paces'}`}
            </Fact>
            <Fact name="Side">
              {
                {
                  before: 'in front of the seat',
                  left: 'to the left',
                  right: 'to the right',
                  behind: 'behind the seat',
                }[reach.side]
              }
            </Fact>
            <Fact name="In view">{reach.sight.state === 'things' ? 'what lies in it' : reach.sight.words}</Fact>
            {reach.lean > 0 && <Fact name="Leaning over">{formatLength(Math.round(reach.lean), system)}</Fact>}
            <div className="flex items-center justify-between gap-4 py-0.5">
              <dt className="text-soft">One fetch{person ? `, by ${person.name}` : ''}</dt>
              <dd>
                <button
                  type="button"
                  className="font-bold underline decoration-dotted underline-offset-4"
                  onClick={() => setOpened(true)}
                  title="How this was worked out"
                >
                  {reach.seconds.toFixed(1)} s
                </button>
              </dd>
            </div>
          </>
        )}
        {c.minutes[arrangement] > 0 && <Fact name="In a week">{c.minutes[arrangement].toFixed(1)} min</Fact>}
        <Fact name="Fill">
          {fillWords(fill)}
          <Help term="tide" word="how full" />
        </Fact>
        {fill.takes && (
          <Fact name="Would fit into">
            {formatSize([fill.takes.width, fill.takes.depth, fill.takes.height], system)}
          </Fact>
        )}
        {fill.mass > 0 && <Fact name="Contents">{formatMass(fill.mass, system)}</Fact>}
      </dl>
      {reach?.beyond && <p className="mt-1 font-bold text-rust">It is {reach.beyond}.</p>}
      {account && reach && stationId && (
        <Button className="mt-2" onClick={() => setPlaying(true)}>
          Play the fetch
        </Button>
      )}
      {playing && account && reach && stationId && (
        <FetchPlay
          fetched={{
            title: `Fetching out of ${c.name}`,
            station: plan.stations[stationId]!,
            reach,
            target: c.access3,
            elements: account.elements,
            returning: account.returning,
          }}
          onClose={() => setPlaying(false)}
        />
      )}
      {account && reach && (
        <Dialog
          wide
          open={opened}
          onOpenChange={setOpened}
          title={`${reach.seconds.toFixed(1)} s: how it was worked out`}
        >
          <div className="overflow-y-auto" tabIndex={0} role="region" aria-label="Elements">
            <Elements title="Fetching one thing that lies alone there" elements={account.elements} />
            <Elements title="Putting it back" elements={account.returning} />
          </div>
        </Dialog>
      )}
      <div className="mt-3">
        <Inside compartment={c} />
      </div>
      {c.holds[arrangement].length > 0 && (
        <>
          <Heading>Containers</Heading>
          <ul>
            {c.holds[arrangement].map((id) => (
              <li key={id} className="border-b border-line py-1">
                <button
                  type="button"
                  className="w-full text-left hover:underline"
                  onClick={() => select({ kind: 'container', id })}
                >
                  {plan.containers[id]!.name}
                  {report.containers[id]?.reason && (
                    <span className="block text-xs text-rust">{report.containers[id].reason}</span>
                  )}
                </button>
              </li>
            ))}
          </ul>
        </>
      )}
      <Heading>{arrangement === 'planned' ? 'Planned for it' : 'In it today'}</Heading>
      {c.contents[arrangement].length === 0 && (
        <p className="text-soft">Nothing. Drag something here, or use its “Move …” button.</p>
      )}
      <ul>
        {c.contents[arrangement].map((id) => (
          <Content
            key={id}
            placement={report.placements[id]!}
            name={plan.supplies[report.placements[id]!.supply]!.name}
            onMove={onMove}
          />
        ))}
      </ul>
      {arrangement === 'planned' && c.only !== 'today' && <KeptFor place={c} />}
      {c.container === null && <Photos shows={{ unit: c.unit, slot: c.slot }} what={c.name} />}
      <div className="mt-3 flex flex-wrap gap-2">
        {arrangement === 'planned' && c.contents.planned.length > 0 && c.container === null && (
          <Button onClick={() => setAdvice(true)}>Which containers?</Button>
        )}
        {arrangement === 'planned' && c.container === null && c.holds.planned.length > 0 && (
          <Button onClick={() => commit(`No containers in ${c.name}`, emptyOfContainers(plan, c))}>
            No containers
          </Button>
        )}
        <Button onClick={() => select(null)}>Done</Button>
      </div>
      {arrangement === 'planned' && c.container === null && c.only !== 'today' && <WholePlace compartment={c} />}
      {advice && <AdviceDialog compartment={c} onClose={() => setAdvice(false)} />}
    </Sheet>
  );
}

function Content({
  placement: p,
  name,
  onMove,
}: {
  placement: PlacementReport;
  name: string;
  onMove: (moving: Moving) => void;
}) {
  const planned = p.arrangement === 'planned';
  const moving: Moving = { supply: p.supply, placement: planned ? p.id : null, count: p.count };
  return (
    <li
      {...(planned ? drags(moving) : {})}
      className={`flex items-center gap-1 border-b border-line py-1 ${planned ? 'cursor-grab' : ''}`}
    >
      {planned && <GripVertical size={16} aria-hidden="true" className="shrink-0 text-soft" />}
      <button
        type="button"
        className="min-w-0 grow text-left hover:underline"
        onClick={() => select({ kind: 'placement', id: p.id })}
      >
        <span className="block truncate">
          {p.count > 1 ? `${p.count} ` : ''}
          {name}
          {p.pinned ? ' (kept here)' : ''}
        </span>
        <span className={`block text-xs ${p.reason || p.badly ? 'text-rust' : 'text-soft'}`}>
          {p.reason ?? p.badly ?? `${p.how}; ${p.seen}`}
        </span>
      </button>
      {planned && (
        <Button look="quiet" aria-label={`Move ${name}`} onClick={() => onMove(moving)}>
          Move …
        </Button>
      )}
    </li>
  );
}
