import {
  createColumnHelper,
  getCoreRowModel,
  getSortedRowModel,
  useReactTable,
  type SortingState,
} from '@tanstack/react-table';
import { useSearchParams } from 'react-router';
import { useVirtualizer } from '@tanstack/react-virtual';
import { useEffect, useMemo, useRef, useState } from 'react';
import { FORM_FACTS } from '@heronstone/core/fit/forms.ts';
import type { Ripple } from '@heronstone/core/reach/body.ts';
import { formatMass, formatSize, type UnitSystem } from '@heronstone/core/model/measure.ts';
import { isGuessed, isSizeUnknown } from '@heronstone/core/model/guessed.ts';
import { usesBySupply } from '@heronstone/core/entry/useChanges.ts';
import { DECISIONS, FORMS, type Plan, type Supply } from '@heronstone/core/model/plan.ts';
import { RippleWord } from '../../drawings/RippleMark.tsx';
import { select, useStore } from '../../state/state.ts';
import { BulkBar } from './BulkBar.tsx';
import { useNarrow } from '../../ui/narrow.ts';
import { Select } from '../../ui/Select.tsx';

interface Row {
  supply: Supply;
  size: string;
  mass: number | null;
  fetches: number;
  /** Names of activities, and from what they were guessed; empty for what was said. */
  usedFor: string;
  usesFrom: string;
  /** '' for none; null as long as there are no figures. */
  place: string | null;
  ripple: Ripple | null;
}

/** The heading over sizes, in each system. */
const SIZE_HEADER: Readonly<Record<UnitSystem, string>> = {
  metric: 'Size of one, mm',
  centimetres: 'Size of one, cm',
  imperial: 'Size of one, in',
};

const helper = createColumnHelper<Row>();

/** What the list can be narrowed to besides words. */
const ONLY: ReadonlyArray<readonly [string, string]> = [
  ['', 'all'],
  ['without', 'not placed in the plan yet'],
  ['nowhere', 'not noted anywhere today'],
  ['hunted', 'with no home today'],
  ['guessed', 'guessed in part'],
  ['uses', 'for a guessed craft'],
  ['unsure', 'for nothing yet'],
  ['unknown', 'of a size not known yet'],
  ['reorder', 'to be reordered'],
  ['open', 'not decided yet'],
  ...DECISIONS.map((d) => [`decision ${d}`, `decided: ${d}`] as const),
  ...FORMS.map((f) => [`form ${f}`, FORM_FACTS[f].many] as const),
];

function shows(
  only: string,
  s: Supply,
  placed: boolean,
  today: ReadonlySet<string>,
  uses: ReadonlyArray<Plan['uses'][string]>,
): boolean {
  if (only === 'uses') return uses.some((u) => u.guessedFrom !== '');
  if (only === 'unsure') return uses.length === 0;
  if (only === '') return true;
  if (only === 'without') return !placed;
  if (only === 'nowhere') return !today.has(s.id) && !s.hunted;
  if (only === 'hunted') return s.hunted;
  if (only === 'guessed') return isGuessed(s);
  if (only === 'unknown') return isSizeUnknown(s);
  if (only === 'reorder') return s.reorderAt !== null && s.count <= s.reorderAt;
  if (only === 'open') return s.decision === null;
  return only === `decision ${s.decision}` || only === `form ${s.form}`;
}

/** All supplies in a virtual table that can be sorted by any column. */
export function SupplyTable() {
  const plan = useStore((s) => s.plan)!;
  const report = useStore((s) => s.report);
  const selected = useStore((s) => s.selected);
  const [sorting, setSorting] = useState<SortingState>([{ id: 'name', desc: false }]);
  const [filter, setFilter] = useState('');
  const [search, setSearch] = useSearchParams();
  const only = ONLY.find(([key]) => key === search.get('only'))?.[0] ?? '';
  const setOnly = (key: string) => setSearch(key === '' ? {} : { only: key }, { replace: true });
  const [ticked, setTicked] = useState<ReadonlySet<string>>(new Set());
  const lastTicked = useRef<string | null>(null);
  const narrow = useNarrow();
  const system = plan.meta.units;
  const rows = useMemo(() => {
    const places = new Map<string, { place: string; ripple: Ripple | null }>();
    for (const p of Object.values(report?.placements ?? {})) {
      if (p.arrangement !== 'planned') continue;
      const before = places.get(p.supply);
      places.set(p.supply, {
        place: before ? `${before.place}; ${p.place}` : p.place,
        ripple: before?.ripple ?? p.ripple,
      });
    }
    const today = new Set(
      Object.values(report?.placements ?? {}).flatMap((p) => (p.arrangement === 'today' ? [p.supply] : [])),
    );
    const words = filter.toLowerCase().trim();
    const uses = usesBySupply(plan);
    return Object.values(plan.supplies)
      .filter(
        (s) =>
          (words === '' ||
            `${s.name} ${s.category} ${s.colour} ${s.collection} ${s.theme}`.toLowerCase().includes(words)) &&
          shows(only, s, places.has(s.id), today, uses.get(s.id) ?? []),
      )
      .map((supply): Row => {
        const r = report?.supplies[supply.id];
        const at = places.get(supply.id);
        return {
          supply,
          size: isSizeUnknown(supply)
            ? 'not known yet'
            : formatSize([supply.length, supply.width, supply.thickness], system).replace(/ (mm|cm|in)$/, ''),
          mass: r?.massTotal ?? null,
          fetches: r?.fetchesPerWeek ?? 0,
          usedFor: (uses.get(supply.id) ?? []).map((u) => plan.activities[u.activity]!.name).join(', '),
          usesFrom: (uses.get(supply.id) ?? []).find((u) => u.guessedFrom !== '')?.guessedFrom ?? '',
          place: report ? (at?.place ?? '') : null,
          ripple: at?.ripple ?? null,
        };
      });
  }, [plan, report, filter, only, system]);
  const columns = useMemo(
    () => [
      helper.accessor((r) => r.supply.name, { id: 'name', header: 'Name', sortingFn: 'text' }),
      helper.accessor((r) => r.supply.category, { id: 'kind', header: 'Kind', sortingFn: 'text' }),
      helper.accessor((r) => FORM_FACTS[r.supply.form].many, { id: 'form', header: 'Form', sortingFn: 'text' }),
      helper.accessor((r) => r.supply.count, {
        id: 'count',
        header: 'Count',
        cell: (c) => <Figure guess={c.row.original.supply.countFrom}>{c.getValue().toLocaleString('en')}</Figure>,
      }),
      helper.accessor((r) => r.size, {
        id: 'size',
        header: SIZE_HEADER[system],
        cell: (c) => <Figure guess={c.row.original.supply.sizeFrom}>{c.getValue()}</Figure>,
      }),
      helper.accessor((r) => r.mass ?? -1, {
        id: 'mass',
        header: 'Mass',
        cell: (c) => (c.row.original.mass === null ? '–' : formatMass(c.row.original.mass, system)),
      }),
      helper.accessor((r) => r.fetches, {
        id: 'fetches',
        header: 'Uses a week',
        cell: (c) => (c.getValue() === 0 ? '–' : `${Number(c.getValue().toFixed(1))}×`),
      }),
      helper.accessor((r) => r.usedFor, {
        id: 'used for',
        header: 'Used for',
        sortingFn: 'text',
        cell: (c) =>
          c.getValue() === '' ? (
            <span className="text-rust">not sure yet</span>
          ) : (
            <Figure guess={c.row.original.usesFrom}>{c.getValue()}</Figure>
          ),
      }),
      helper.accessor((r) => r.place ?? '', {
        id: 'place',
        header: 'Planned place',
        cell: (c) => <PlaceCell row={c.row.original} />,
      }),
    ],
    [system],
  );
  const table = useReactTable({
    data: rows,
    columns,
    state: { sorting },
    onSortingChange: setSorting,
    getCoreRowModel: getCoreRowModel(),
    getSortedRowModel: getSortedRowModel(),
    getRowId: (r) => r.supply.id,
  });
  const frame = useRef<HTMLDivElement>(null);
  const lines = table.getRowModel().rows;
  const virtual = useVirtualizer({
    count: lines.length,
    getScrollElement: () => frame.current,
    estimateSize: () => (narrow ? 60 : 34),
    overscan: 12,
  });
  const { measure } = virtual;
  useEffect(() => measure(), [measure, narrow]);
  const grid =
    'grid grid-cols-[1.5rem_minmax(8rem,2fr)_minmax(5rem,1fr)_minmax(4rem,0.8fr)_3.2rem_minmax(7rem,1.1fr)_4rem_3.4rem_minmax(6rem,1.2fr)_minmax(7rem,1.6fr)] gap-3 px-3';
  /** Ticks a line; with Shift all lines from the one ticked before. */
  const tick = (id: string, range: boolean) => {
    const order = lines.map((l) => l.id);
    const from = range && lastTicked.current ? order.indexOf(lastTicked.current) : -1;
    const to = order.indexOf(id);
    const chosen = from < 0 ? [id] : order.slice(Math.min(from, to), Math.max(from, to) + 1);
    const on = !ticked.has(id);
    lastTicked.current = id;
    setTicked((before) => {
      const next = new Set(before);
      for (const key of chosen) {
        if (on) next.add(key);
        else next.delete(key);
      }
      return next;
    });
  };
  const all = lines.length > 0 && lines.every((l) => ticked.has(l.id));
  return (
    <div className="mt-2 flex min-h-0 grow flex-col overflow-hidden rounded-2xl border border-line bg-leaf">
      <div className="flex flex-wrap items-center gap-2 border-b border-line px-3 py-1.5">
        <input
          aria-label="Show only supplies with these letters"
          value={filter}
          onChange={(e) => setFilter(e.target.value)}
          placeholder="Show only …"
          className="w-56 rounded-full border border-line bg-paper px-3 py-0.5"
        />
        <Select label="Show supplies that are" look="line" value={only} options={ONLY} onSet={setOnly} />
        <span className="text-soft">
          {lines.length === Object.keys(plan.supplies).length ? '' : `${lines.length} shown`}
        </span>
      </div>
      {ticked.size > 0 && (
        <BulkBar ids={[...ticked].filter((id) => plan.supplies[id])} onClear={() => setTicked(new Set())} />
      )}
      <div
        ref={frame}
        className="min-h-40 grow overflow-auto"
        role="table"
        aria-label="Supplies"
        aria-rowcount={lines.length + 1}
        tabIndex={0}
      >
        <div
          role="rowgroup"
          className={`border-b border-line bg-leaf md:sticky md:top-0 md:z-10 md:min-w-[900px] ${narrow ? 'sr-only' : ''}`}
        >
          {table.getHeaderGroups().map((group) => (
            <div key={group.id} role="row" className={`${grid} py-1`}>
              <div role="columnheader" className="flex items-center">
                <input
                  type="checkbox"
                  aria-label="Choose all supplies shown"
                  className="size-4"
                  checked={all}
                  onChange={() => setTicked(all ? new Set() : new Set(lines.map((l) => l.id)))}
                />
              </div>
              {group.headers.map((header) => (
                <div
                  key={header.id}
                  role="columnheader"
                  aria-sort={
                    header.column.getIsSorted() === 'asc'
                      ? 'ascending'
                      : header.column.getIsSorted() === 'desc'
                        ? 'descending'
                        : 'none'
                  }
                >
                  <button
                    type="button"
                    onClick={header.column.getToggleSortingHandler()}
                    className="min-h-6 font-bold text-soft hover:text-ink"
                  >
                    {String(header.column.columnDef.header)}
                    <span aria-hidden="true">
                      {{ asc: ' ↑', desc: ' ↓' }[header.column.getIsSorted() as string] ?? ''}
                    </span>
                  </button>
                </div>
              ))}
            </div>
          ))}
        </div>
        <div role="rowgroup" className="relative md:min-w-[900px]" style={{ height: virtual.getTotalSize() }}>
          {virtual.getVirtualItems().map((item) => {
            const row = lines[item.index]!;
            const on = selected?.kind === 'supply' && selected.id === row.id;
            return (
              <div
                key={row.id}
                role="row"
                aria-rowindex={item.index + 2}
                className={`${narrow ? 'grid grid-cols-[2.75rem_minmax(0,1fr)_minmax(0,9rem)]' : grid} absolute top-0 left-0 w-full items-center border-b border-line/60 ${on ? 'bg-wash' : 'hover:bg-wash'}`}
                style={{ height: item.size, transform: `translateY(${item.start}px)` }}
                onClick={() => select({ kind: 'supply', id: row.id })}
              >
                <div
                  role="cell"
                  className="flex items-center max-md:h-full max-md:justify-center"
                  onClick={(e) => e.stopPropagation()}
                >
                  <label className="max-md:justify-center">
                    <input
                      type="checkbox"
                      aria-label={`Choose ${row.original.supply.name}`}
                      className="size-4 max-md:size-5"
                      checked={ticked.has(row.id)}
                      onClick={(e) => tick(row.id, e.shiftKey)}
                      readOnly
                    />
                  </label>
                </div>
                {narrow && (
                  <>
                    <div role="cell" className="min-w-0">
                      <button
                        type="button"
                        className="block w-full text-left"
                        onClick={() => select({ kind: 'supply', id: row.id })}
                      >
                        <span className="block truncate font-bold">{row.original.supply.name}</span>
                        <span className="block truncate text-xs text-soft">
                          <Figure guess={row.original.supply.countFrom}>{row.original.supply.count}</Figure> ·{' '}
                          <Figure guess={row.original.supply.sizeFrom}>{row.original.size}</Figure>
                        </span>
                      </button>
                    </div>
                    <div role="cell" className="min-w-0 pr-2 text-xs">
                      <PlaceCell row={row.original} />
                    </div>
                  </>
                )}
                {(narrow ? [] : row.getVisibleCells()).map((cell) => (
                  <div key={cell.id} role="cell" className="truncate">
                    {cell.column.id === 'name' ? (
                      <button
                        type="button"
                        className={`min-h-6 max-w-full truncate text-left ${on ? 'font-bold' : ''}`}
                        onClick={() => select({ kind: 'supply', id: row.id })}
                      >
                        {row.original.supply.name}
                      </button>
                    ) : typeof cell.column.columnDef.cell === 'function' ? (
                      cell.column.columnDef.cell(cell.getContext())
                    ) : (
                      String(cell.getValue())
                    )}
                  </div>
                ))}
              </div>
            );
          })}
        </div>
      </div>
    </div>
  );
}

/** A figure, marked when it is a guess. */
function Figure({ guess, children }: { guess: string; children: React.ReactNode }) {
  if (guess === '' || children === 'not known yet') return <>{children}</>;
  return (
    <span className="text-soft italic" title={`Guessed: ${guess}`}>
      <span aria-hidden="true">≈ </span>
      <span className="sr-only">guessed: </span>
      {children}
    </span>
  );
}

function PlaceCell({ row }: { row: Row }) {
  // Before there are figures nobody knows.
  if (row.place === null) return null;
  if (row.place === '') return <span className="text-soft">no place yet</span>;
  return (
    <span className="flex items-center gap-1.5">
      {row.ripple && <RippleWord ripple={row.ripple} wordless />}
      <PlaceWords place={row.place} />
    </span>
  );
}

/** The name of a place: where there is little room, the piece of furniture is cut, never the drawer. */
function PlaceWords({ place }: { place: string }) {
  const at = place.lastIndexOf(', ');
  return (
    <span className="flex min-w-0" title={place}>
      <span className="truncate">{at < 0 ? place : place.slice(0, at)}</span>
      {at >= 0 && <span className="shrink-0 whitespace-pre">{place.slice(at)}</span>}
    </span>
  );
}
