/** A home as a card: its name, where it is, what lies in it, and how near it is. */
import { MoreHorizontal } from 'lucide-react';
import type { HTMLAttributes, KeyboardEvent } from 'react';
import { howMany } from '@heronstone/core/model/measure.ts';
import { swatchOf } from '@heronstone/core/model/swatches.ts';
import type { HomeReport, Report, ZoneReport } from '@heronstone/core/report/evaluate.ts';
import { placeOf } from '@heronstone/core/report/placeOf.ts';
import { RippleWord } from '../../drawings/RippleMark.tsx';
import { useStore } from '../../state/state.ts';
import { dissolveHome, mergeHomes, setHome } from '../../state/zoneActions.ts';
import { Menu, MenuLine, MenuRule } from '../../ui/Menu.tsx';

/** Where a home lies, in a few words: its first place, and how many more in its run. */
export function whereIs(report: Report, home: HomeReport, arrangement: 'today' | 'planned'): string {
  const runs = home.runs[arrangement];
  if (runs.length === 0) return 'not placed yet';
  const [first, ...more] = runs.map((run) => {
    const name = placeOf(report, run[0])?.name ?? run[0]!;
    return run.length > 1 ? `${name} and ${run.length - 1} beside it` : name;
  });
  return more.length === 0 ? first! : `${first}; and ${howMany(more.length, 'place')} elsewhere`;
}

export function HomeCard({
  home,
  report,
  zones,
  on,
  over,
  hands,
  onKey,
  onOpen,
}: {
  home: HomeReport;
  report: Report;
  zones: readonly ZoneReport[];
  on: boolean;
  over: boolean;
  hands: HTMLAttributes<HTMLElement>;
  onKey: (event: KeyboardEvent) => void;
  onOpen: () => void;
}) {
  const plan = useStore((s) => s.plan)!;
  const arrangement = useStore((s) => s.arrangement);
  const torn = home.runs[arrangement].length > 1;
  const zone = zones.find((z) => z.id === home.zone);
  const first = placeOf(report, home.runs[arrangement][0]?.[0]);
  const seat = zone?.stations[0];
  const ripple = first && seat ? first.reach[seat]?.ripple : undefined;
  const others = report.homes.filter(
    (h) => h.id !== home.id && !h.spares && h.zone === home.zone && h.supplies.length > 0,
  );
  const litres = home.supplies.map((s) => [s, Math.max(0.05, report.supplies[s]?.litres ?? 0)] as const);
  const all = litres.reduce((n, [, l]) => n + l, 0) || 1;
  return (
    <li
      {...hands}
      tabIndex={0}
      data-home={home.id}
      aria-label={`${home.name}, ${howMany(home.supplies.length, 'supply', 'supplies')}, ${whereIs(report, home, arrangement)}`}
      onKeyDown={onKey}
      onDoubleClick={onOpen}
      className={`relative touch-pan-y rounded-xl border bg-leaf p-3 ${home.spares ? 'border-dashed border-soft' : 'cursor-grab border-ink'} ${on || over ? 'outline-2 outline-rust' : ''}`}
    >
      <div className="flex items-start gap-2">
        <button type="button" className="min-w-0 grow text-left hover:underline" onClick={onOpen}>
          <span className="block truncate font-serif text-[15px] font-semibold">{home.name}</span>
        </button>
        {ripple !== undefined && <RippleWord ripple={ripple} wordless />}
        {!home.spares && (
          <Menu
            trigger={
              <button
                type="button"
                aria-label={`What to do with ${home.name}`}
                className="grid size-6 place-items-center rounded-full hover:bg-wash"
                onPointerDownCapture={(e) => e.stopPropagation()}
              >
                <MoreHorizontal size={16} />
              </button>
            }
          >
            <MenuLine onSelect={onOpen}>Open: rename, split, place …</MenuLine>
            <MenuRule />
            {zones
              .filter((z) => z.id !== home.zone)
              .map((z) => (
                <MenuLine key={z.id} onSelect={() => setHome(home.id, { zone: z.id }, `into ${z.letter} · ${z.name}`)}>
                  Move to {z.letter} · {z.name}
                </MenuLine>
              ))}
            {others.length > 0 && <MenuRule />}
            {others.slice(0, 12).map((h) => (
              <MenuLine key={h.id} onSelect={() => mergeHomes(home.id, h.id)}>
                Merge with {h.name}
              </MenuLine>
            ))}
            {home.own && (
              <>
                <MenuRule />
                <MenuLine onSelect={() => dissolveHome(home.id)}>Leave it to the program</MenuLine>
              </>
            )}
          </Menu>
        )}
      </div>
      <p className="flex justify-between gap-2 text-xs text-soft">
        <span className={`min-w-0 truncate ${torn ? 'text-rust' : ''}`}>{whereIs(report, home, arrangement)}</span>
        <span className="shrink-0">
          {home.set ? 'set · ' : ''}
          {home.full !== false ? 'full · ' : ''}
          {home.unsorted ? 'not sorted · ' : ''}
          {howMany(home.supplies.length, 'supply', 'supplies')}
        </span>
      </p>
      <div
        className="mt-1.5 flex h-7 gap-px overflow-hidden rounded-md border border-line bg-paper p-0.5"
        aria-hidden="true"
      >
        {litres.map(([s, l]) => (
          <span
            key={s}
            title={plan.supplies[s]?.name}
            className="rounded-sm border border-soft/60"
            style={{
              width: `${Math.max(3, (100 * l) / all)}%`,
              background: swatchOf(plan.supplies[s]?.colour ?? '') ?? 'var(--w4)',
            }}
          />
        ))}
      </div>
    </li>
  );
}
