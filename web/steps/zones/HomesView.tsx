/**
 * All homes as a board of cards, zone by zone. A card is dragged to another zone or onto another card; the same is done by its
 * menu and by keys: arrows move it from zone to zone, Enter opens it, F2 renames it.
 */
import { useDrag } from '@use-gesture/react';
import { useRef, useState, type KeyboardEvent } from 'react';
import { howMany } from '@heronstone/core/model/measure.ts';
import type { HomeReport, Report } from '@heronstone/core/report/evaluate.ts';
import { SORTED_BY } from './zoneWords.ts';
import { useStore } from '../../state/state.ts';
import { useSearching } from '../../state/searching.ts';
import { fillByHomes, mergeHomes, nameHome, setHome } from '../../state/zoneActions.ts';
import { Button } from '../../ui/Button.tsx';
import { FillPanel } from '../../parts/FillPanel.tsx';
import { Collections } from './Collections.tsx';
import { HomeCard } from './HomeCard.tsx';
import { HomeSheet } from './HomeSheet.tsx';
import { Help } from '../../ui/Help.tsx';
import { Letter } from './Letter.tsx';

/** Where a card is let go: on a zone, or on another card. */
type Target = { zone: string } | { home: string };

export function HomesView({ report }: { report: Report }) {
  const plan = useStore((s) => s.plan)!;
  const running = useSearching((s) => s.running);
  // What is chosen is known by one of its things: a home that the program formed gets another id when it is touched.
  const [chosen, setChosen] = useState<{ supply: string; spares: boolean } | null>(null);
  const [over, setOver] = useState<Target | null>(null);
  const board = useRef<HTMLDivElement>(null);
  const { names } = report;
  const home = report.homes.find((h) => chosen && h.spares === chosen.spares && h.supplies.includes(chosen.supply));
  const choose = (h: HomeReport) =>
    setChosen(h.supplies.length > 0 ? { supply: h.supplies[0]!, spares: h.spares } : null);
  const zones = report.zones;
  const columns = [
    ...zones.map((z) => ({ id: z.id, letter: z.letter, name: z.name })),
    { id: null, letter: 'S', name: 'Not used, store' },
  ].map((c) => ({ ...c, homes: report.homes.filter((h) => h.zone === c.id && (h.supplies.length > 0 || h.own)) }));
  const shift = (h: HomeReport, by: 1 | -1) => {
    const at = zones.findIndex((z) => z.id === h.zone);
    const to = zones[at + by];
    if (to && !h.spares) setHome(h.id, { zone: to.id }, `into ${to.letter} · ${to.name}`);
  };
  const key = (h: HomeReport) => (event: KeyboardEvent) => {
    if (event.target !== event.currentTarget) return;
    if (event.key === 'ArrowRight' || event.key === 'ArrowLeft') {
      event.preventDefault();
      shift(h, event.key === 'ArrowRight' ? 1 : -1);
    } else if (event.key === 'Enter' || event.key === ' ' || event.key === 'F2') {
      event.preventDefault();
      choose(h);
      requestAnimationFrame(() =>
        document.querySelector<HTMLElement>(event.key === 'F2' ? '[data-sheet] input' : '[data-sheet]')?.focus(),
      );
    }
  };
  const targetAt = ([x, y]: readonly [number, number], own: string): Target | null => {
    const at = document.elementFromPoint(x, y);
    const card = at?.closest('[data-home]')?.getAttribute('data-home');
    if (card && card !== own) return { home: card };
    const zone = at?.closest('[data-column]')?.getAttribute('data-column');
    return zone && card !== own ? { zone } : null;
  };
  const drag = useDrag(
    ({ args: [id], xy, last, tap, movement, canceled }) => {
      const h = report.homes.find((x) => x.id === id);
      const card = board.current?.querySelector<HTMLElement>(`[data-home="${CSS.escape(id as string)}"]`);
      if (!h || !card || tap || h.spares) return;
      card.style.transform = last ? '' : `translate(${movement[0]}px, ${movement[1]}px) rotate(-2deg)`;
      card.style.pointerEvents = last ? '' : 'none';
      card.style.zIndex = last ? '' : '30';
      const target = targetAt(xy, h.id);
      setOver(last ? null : target);
      if (!last || canceled || !target) return;
      if ('home' in target) {
        const other = report.homes.find((x) => x.id === target.home);
        if (other && !other.spares) mergeHomes(other.id, h.id);
      } else if (target.zone !== h.zone) setHome(h.id, { zone: target.zone }, 'into another zone');
    },
    { filterTaps: true, preventScroll: 250, pointer: { keys: false } },
  );
  const planned = names.planned;
  const torn = planned.setsSplit.length;
  return (
    <>
      <section aria-label="Homes" className="flex min-h-0 min-w-0 grow flex-col px-2 md:px-5">
        <div className="flex shrink-0 flex-wrap items-center justify-between gap-x-4 gap-y-1 px-1 pb-2">
          <p className="text-soft">
            {howMany(report.homes.filter((h) => h.supplies.length > 0).length, 'home')}
            {planned.places > 0 && ` · ${planned.placesNamed} of ${planned.places} places can be named`}
            <Help term="named" word="can be named" />
            {planned.lines > 0 && ` · ${planned.linesTogether} of ${planned.lines} things lie with all of their home`}
            {torn > 0 && ` · ${howMany(torn, 'torn set')}`}
            {` · ${SORTED_BY[plan.meta.sorting.way]}`}
          </p>
          <Button look="main" disabled={running !== null} onClick={() => void fillByHomes()}>
            Fill by homes
          </Button>
        </div>
        {planned.kindsSplit.length > 0 && (
          <details className="px-1 pb-2 text-soft">
            <summary className="w-fit cursor-pointer">
              {howMany(planned.kindsSplit.length, 'kind')} in more than one piece of furniture
            </summary>
            {planned.kindsSplit.join(', ')}
          </details>
        )}
        <Collections report={report} />
        {running === 'fill' && <FillPanel />}
        <div
          ref={board}
          className="flex min-h-0 grow gap-3 overflow-auto pb-3"
          tabIndex={0}
          role="region"
          aria-label="Board of homes"
        >
          {columns.map(
            (c) =>
              (c.id !== null || c.homes.length > 0) && (
                <section
                  key={c.id ?? 'none'}
                  aria-label={c.id === null ? c.name : `Zone ${c.letter}, ${c.name}`}
                  {...(c.id === null ? {} : { 'data-column': c.id })}
                  className={`flex min-w-[292px] shrink-0 grow basis-[292px] flex-col gap-2.5 rounded-2xl p-2 ${over && 'zone' in over && over.zone === c.id ? 'bg-wash outline-2 outline-rust' : ''}`}
                >
                  <h2 className="flex items-center gap-2 text-base">
                    <Letter letter={c.letter} />
                    <span className="truncate">{c.name}</span>
                  </h2>
                  <ul className="grid grid-cols-[repeat(auto-fill,minmax(258px,1fr))] gap-2.5">
                    {c.homes.map((h) => (
                      <HomeCard
                        key={h.id}
                        home={h}
                        report={report}
                        zones={zones}
                        on={h.id === home?.id}
                        over={over !== null && 'home' in over && over.home === h.id}
                        hands={h.spares ? {} : drag(h.id)}
                        onKey={key(h)}
                        onOpen={() => choose(h)}
                      />
                    ))}
                  </ul>
                </section>
              ),
          )}
        </div>
      </section>
      {home && (
        <HomeSheet
          key={`${chosen!.supply} ${home.spares}`}
          home={home}
          report={report}
          onClose={() => setChosen(null)}
          onName={(name) => nameHome(home.id, name)}
        />
      )}
    </>
  );
}
