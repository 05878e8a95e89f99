/** Nearer, farther, and what is to fill the frame: the whole room, a wall, the piece that is chosen. */
import { Minus, Plus } from 'lucide-react';
import { wallsOf } from '@heronstone/core/room/walls.ts';
import { useShallow } from 'zustand/react/shallow';
import { Menu, MenuLine, MenuRule } from '../ui/Menu.tsx';
import { setZoom, useStore, zoomTo, type Zoomable } from '../state/state.ts';

const ROUND = 'grid size-8 place-items-center rounded-full hover:bg-wash max-md:size-11';

export function ZoomBar({ view }: { view: Zoomable }) {
  const walls = useStore(useShallow((s) => wallsOf(s.plan!).map((w) => `${w.id} ${w.name}`)));
  const chosen = useStore((s) => {
    const unit = s.selected && ['unit', 'compartment'].includes(s.selected.kind) ? s.selected.id.split('/')[0]! : null;
    return unit && s.plan!.units[unit] ? unit : null;
  });
  const name = useStore((s) => (chosen ? s.plan!.units[chosen]?.name : undefined));
  const unit = view === 'round' ? 'data-strip-unit' : 'data-unit';
  return (
    <div role="group" aria-label="Zoom" className="flex items-center">
      <button
        type="button"
        aria-label="Farther"
        title="Farther (−)"
        className={ROUND}
        onClick={() => zoomTo(view, 'out')}
      >
        <Minus size={17} />
      </button>
      <button type="button" aria-label="Nearer" title="Nearer (+)" className={ROUND} onClick={() => zoomTo(view, 'in')}>
        <Plus size={17} />
      </button>
      <Menu
        side="top"
        trigger={
          <button type="button" className="min-h-8 rounded-full px-2 hover:bg-wash max-md:min-h-11">
            Show …
          </button>
        }
      >
        <MenuLine onSelect={() => zoomTo(view, 'whole')}>{view === 'inside' ? 'All of it' : 'Whole room'}</MenuLine>
        {view === 'round' && <MenuLine onSelect={() => setZoom(view, 1)}>Floor to ceiling</MenuLine>}
        {chosen && view !== 'inside' && (
          <MenuLine onSelect={() => zoomTo(view, `[${unit}="${CSS.escape(chosen)}"]`)}>{name}</MenuLine>
        )}
        {view !== 'inside' && <MenuRule />}
        {(view === 'inside' ? [] : walls).map((wall) => {
          const [id] = wall.split(' ', 1);
          return (
            <MenuLine key={id} onSelect={() => zoomTo(view, `[data-wall="${CSS.escape(id!)}"]`)}>
              {wall.slice(id!.length + 1)}
            </MenuLine>
          );
        })}
      </Menu>
    </div>
  );
}
