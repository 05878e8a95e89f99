/** Nothing chosen: fill the room, and lists of what is not placed yet and what needs a look. */
import { Help } from '../../ui/Help.tsx';
import { howMany, tenths } from '@heronstone/core/model/measure.ts';
import { setMeta } from '@heronstone/core/model/change.ts';
import { heldDifferently } from '@heronstone/core/report/heldDifferently.ts';
import { byName, RULES } from '@heronstone/core/model/plan.ts';
import { drags, type Moving } from '../../state/held.ts';
import { boundFor, useSearching } from '../../state/searching.ts';
import { commit } from '../../state/openPlan.ts';
import { useStore } from '../../state/state.ts';
import { Button } from '../../ui/Button.tsx';
import { Fact, NumberField } from '../../ui/Field.tsx';
import { Sheet } from '../../ui/Sheet.tsx';
import { FillPanel } from '../../parts/FillPanel.tsx';
import { Warnings } from './Warnings.tsx';

export function OverviewSheet({
  show,
  onShow,
  onMove,
}: {
  show: string | null;
  onShow: (show: string | null) => void;
  onMove: (moving: Moving) => void;
}) {
  const plan = useStore((s) => s.plan)!;
  const report = useStore((s) => s.report);
  const least = boundFor(
    plan,
    useSearching((s) => s.bound),
  );
  if (!report) return <Sheet about="step" title="What goes where" line="Working out the figures …" />;
  const without = byName(plan.supplies).filter((s) => report.supplies[s.id]?.without.planned);
  const { today, planned } = report.week;
  return (
    <Sheet
      about="step"
      title="What goes where"
      line={
        planned.placed === 0
          ? 'One button fills the drawers; then change what you know better.'
          : `${howMany(planned.placed, 'placement')} in ${howMany(report.compartments.filter((c) => c.contents.planned.length > 0).length, 'place')}`
      }
    >
      <NewRules />
      <FillPanel />
      <div className="mt-3 flex items-end">
        <NumberField
          className="grow"
          label="Room to grow, % of each place"
          value={Math.round(plan.meta.roomToGrow * 100)}
          least={0}
          most={50}
          onSet={(percent) => commit('Room to grow', [setMeta(plan, { roomToGrow: percent / 100 })])}
        />
        <Help term="grow" word="room to grow" />
      </div>
      {planned.placed > 0 && (
        <dl className="mt-3">
          <Fact name="A week as planned">{tenths(planned.minutes)} min</Fact>
          {least !== null && (
            <Fact name="No plan takes less than">
              <span title="A loose limit: it leaves out what lies in each other’s way, and what names cost">
                {tenths(least)} min, loosely
              </span>
            </Fact>
          )}
          {today.placed > 0 && report.compared.whole && <Fact name="A week now">{tenths(today.minutes)} min</Fact>}
          {today.placed > 0 && !report.compared.whole && (
            <Fact name={`The same ${report.compared.supplies} things`}>
              {tenths(report.compared.today)} min now, {tenths(report.compared.planned)} as planned
            </Fact>
          )}
          {today.placed > 0 && <Fact name="Lie elsewhere than today">{report.moves}</Fact>}
        </dl>
      )}
      <Toggle
        open={show !== 'findings'}
        onToggle={() => onShow(show === 'findings' ? 'without' : 'findings')}
        title={`Not placed yet (${without.length})`}
      >
        {without.length === 0 && <p className="text-soft">Everything has a place.</p>}
        <ul>
          {without.slice(0, 100).map((s) => (
            <WithoutPlace
              key={s.id}
              moving={{ supply: s.id, placement: null, count: report.supplies[s.id]!.without.planned }}
              name={s.name}
              all={s.count}
              reason={report.supplies[s.id]!.reason ?? ''}
              onMove={onMove}
            />
          ))}
        </ul>
        {without.length > 100 && <p className="text-soft">and {without.length - 100} more</p>}
      </Toggle>
      <Toggle
        open={show === 'findings'}
        onToggle={() => onShow(show === 'findings' ? null : 'findings')}
        title={`Problems and warnings (${report.errors + report.cautions})`}
      >
        <Warnings findings={report.findings} />
      </Toggle>
    </Sheet>
  );
}

function Toggle({
  open,
  onToggle,
  title,
  children,
}: {
  open: boolean;
  onToggle: () => void;
  title: string;
  children: React.ReactNode;
}) {
  return (
    <section className="mt-3">
      <h3 className="font-sans text-sm font-bold text-soft">
        <button type="button" aria-expanded={open} onClick={onToggle} className="min-h-7 hover:text-ink">
          <span aria-hidden="true">{open ? '▾' : '▸'}</span> {title}
        </button>
      </h3>
      {open && children}
    </section>
  );
}

function WithoutPlace({
  moving,
  name,
  all,
  reason,
  onMove,
}: {
  moving: Moving;
  name: string;
  all: number;
  reason: string;
  onMove: (moving: Moving) => void;
}) {
  return (
    <li {...drags(moving)} className="flex cursor-grab items-start justify-between gap-2 border-b border-line py-1.5">
      <span>
        <b>{name}</b> {moving.count < all ? `(${moving.count} of ${all})` : all > 1 ? `(${all})` : ''}
        <span className="block text-xs text-soft">{reason}</span>
      </span>
      <Button look="quiet" aria-label={`Place ${name}`} onClick={() => onMove(moving)}>
        Place …
      </Button>
    </li>
  );
}

/** An old plan says once what the rules of today change for it. */
function NewRules() {
  const plan = useStore((s) => s.plan)!;
  const report = useStore((s) => s.report)!;
  const said = heldDifferently(plan, report);
  if (said === null) return null;
  return (
    <div role="note" className="mb-3 rounded-xl border border-line p-3">
      <p>{said} The list of warnings below names each. Nothing was moved.</p>
      <Button className="mt-2" onClick={() => commit('The new rules are known', [setMeta(plan, { rules: RULES })])}>
        Understood
      </Button>
    </div>
  );
}
