/** Nearer, farther, and what is to fill the frame: the whole room, a wall, the piece that is chosen. */
import { Minus, Plus } from 'lucide-react';
import { DropdownMenu } from 'radix-ui';
import { wallsOf } from '@heronstone/core/room/walls.ts';
import { useShallow } from 'zustand/react/shallow';
import { setZoom, useStore, zoomTo, type Zoomable } from '../state/store.ts';

const ROUND = 'grid size-8 place-items-center rounded-full hover:bg-wash max-md:size-11';
const ITEM = 'cursor-pointer rounded-md px-3 py-1.5 outline-none data-highlighted:bg-wash max-md:py-3';

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
      <DropdownMenu.Root>
        <DropdownMenu.Trigger className="min-h-8 rounded-full px-2 hover:bg-wash max-md:min-h-11">
          Show …
        </DropdownMenu.Trigger>
        <DropdownMenu.Portal>
          <DropdownMenu.Content
            align="end"
            className="z-50 max-h-[60vh] min-w-44 overflow-y-auto rounded-xl border border-line bg-leaf p-1.5 shadow-xl"
          >
            <DropdownMenu.Item className={ITEM} onSelect={() => zoomTo(view, 'whole')}>
              Whole room
            </DropdownMenu.Item>
            {view === 'round' && (
              <DropdownMenu.Item className={ITEM} onSelect={() => setZoom(view, 1)}>
                Floor to ceiling
              </DropdownMenu.Item>
            )}
            {chosen && (
              <DropdownMenu.Item className={ITEM} onSelect={() => zoomTo(view, `[${unit}="${CSS.escape(chosen)}"]`)}>
                {name}
              </DropdownMenu.Item>
            )}
            <DropdownMenu.Separator className="my-1 h-px bg-line" />
            {walls.map((wall) => {
              const [id] = wall.split(' ', 1);
              return (
                <DropdownMenu.Item
                  key={id}
                  className={ITEM}
                  onSelect={() => zoomTo(view, `[data-wall="${CSS.escape(id!)}"]`)}
                >
                  {wall.slice(id!.length + 1)}
                </DropdownMenu.Item>
              );
            })}
          </DropdownMenu.Content>
        </DropdownMenu.Portal>
      </DropdownMenu.Root>
    </div>
  );
}
