/** A menu behind a button: it lies over the step it belongs to, and the step stays readable beside it. */
import { DropdownMenu as Radix } from 'radix-ui';
import { useEffect, useState, type ReactNode } from 'react';

/** How a line of a menu looks, in every menu. */
export const LINE =
  'block cursor-pointer rounded-md px-3 py-1.5 outline-none data-disabled:cursor-default data-disabled:opacity-45 data-highlighted:bg-wash max-md:min-h-11 max-md:py-3';
export const PAPER = 'z-50 min-w-48 overflow-y-auto rounded-xl border border-line bg-leaf p-1.5 shadow-xl';

/** Where menus are put: into the landmark of the step, so that a screen reader finds them there. */
export function useHome(): HTMLElement | null {
  const [home, setHome] = useState<HTMLElement | null>(null);
  useEffect(() => setHome(document.getElementById('main')), []);
  return home;
}

export function Menu({
  trigger,
  side = 'bottom',
  children,
}: {
  /** The button. */
  trigger: ReactNode;
  side?: 'top' | 'bottom';
  children: ReactNode;
}) {
  const home = useHome();
  return (
    <Radix.Root modal={false}>
      <Radix.Trigger asChild>{trigger}</Radix.Trigger>
      <Radix.Portal container={home}>
        <Radix.Content
          align="end"
          side={side}
          sideOffset={4}
          collisionPadding={8}
          className={`${PAPER} max-h-[min(70vh,var(--radix-dropdown-menu-content-available-height))]`}
        >
          {children}
        </Radix.Content>
      </Radix.Portal>
    </Radix.Root>
  );
}

export function MenuLine({ onSelect, children }: { onSelect: () => void; children: ReactNode }) {
  return (
    <Radix.Item className={LINE} onSelect={onSelect}>
      {children}
    </Radix.Item>
  );
}

/** A line that is a link. */
export function MenuLink({ children }: { children: ReactNode }) {
  return (
    <Radix.Item asChild className={LINE}>
      {children}
    </Radix.Item>
  );
}

export function MenuRule() {
  return <Radix.Separator className="my-1 h-px bg-line" />;
}
