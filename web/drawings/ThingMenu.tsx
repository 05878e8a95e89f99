/** The menu of a thing in a drawing: by the right button, a long press, the menu key, or the full stop. */
import { ContextMenu } from 'radix-ui';
import { useState, type ReactNode } from 'react';
import { LINE, PAPER, useHome } from '../ui/Menu.tsx';
import { useHeld } from '../state/held.ts';

export interface MenuLine {
  words: string;
  run: () => void;
  off?: boolean;
}
/** What can be done with a thing, by its id: a piece of furniture, a place (`unit/slot`), something that lies there; null for the ground. */
export type MenuOf = (id: string | null) => readonly MenuLine[];

export const NO_MENU: MenuOf = () => [];

const THINGS = '[data-thing], [data-place], [data-unit], [data-station]';
const idOf = (part: Element | null) =>
  ['data-thing', 'data-place', 'data-unit', 'data-station'].map((a) => part?.getAttribute(a)).find((id) => id) ?? null;

export function ThingMenu({ menu, children }: { menu: MenuOf; children: ReactNode }) {
  const home = useHome();
  const [lines, setLines] = useState<readonly MenuLine[]>([]);
  const aim = (event: { target: EventTarget }) => setLines(menu(idOf((event.target as Element).closest(THINGS))));
  return (
    <ContextMenu.Root
      modal={false}
      onOpenChange={(open) => {
        // A long press that opens the menu does not drag.
        if (open) useHeld.getState().cancelDrag();
      }}
    >
      <ContextMenu.Trigger asChild onPointerDownCapture={aim} onContextMenuCapture={aim}>
        {children}
      </ContextMenu.Trigger>
      <ContextMenu.Portal container={home}>
        <ContextMenu.Content className={`${PAPER} ${lines.length === 0 ? 'hidden' : ''}`}>
          {lines.map(({ words, run, off = false }) => (
            <ContextMenu.Item key={words} disabled={off} onSelect={run} className={LINE}>
              {words}
            </ContextMenu.Item>
          ))}
        </ContextMenu.Content>
      </ContextMenu.Portal>
    </ContextMenu.Root>
  );
}

/** Opens the menu of the part that has the focus, as the right button does. */
export function openMenu(part: Element): void {
  const { left, top, width, height } = part.getBoundingClientRect();
  part.dispatchEvent(
    new MouseEvent('contextmenu', {
      bubbles: true,
      cancelable: true,
      clientX: left + width / 2,
      clientY: top + height / 2,
    }),
  );
}
