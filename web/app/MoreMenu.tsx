import { Ellipsis } from 'lucide-react';
import { DropdownMenu } from 'radix-ui';
import { useNavigate } from 'react-router';
import { setMeta } from '@heronstone/core/model/change.ts';
import { commit, useStore } from '../state/store.ts';

const ITEM = 'cursor-pointer rounded-md px-3 py-1.5 outline-none data-highlighted:bg-wash';

function setTheme(theme: 'light' | 'dark' | null): void {
  if (theme) {
    document.documentElement.dataset.theme = theme;
    localStorage.setItem('heronstone.theme', theme);
  } else {
    delete document.documentElement.dataset.theme;
    localStorage.removeItem('heronstone.theme');
  }
}
const kept = localStorage.getItem('heronstone.theme');
if (kept === 'light' || kept === 'dark') setTheme(kept);

/** Everything that is not part of a step: files, measures, light and dark. */
export function MoreMenu({ onHelp }: { onHelp: () => void }) {
  const plan = useStore((s) => s.plan)!;
  const looks = useStore((s) => s.may === 'read');
  const navigate = useNavigate();
  const other = plan.meta.units === 'metric' ? 'imperial' : 'metric';
  return (
    <DropdownMenu.Root>
      <DropdownMenu.Trigger
        aria-label="More"
        className="grid size-9 place-items-center rounded-full hover:bg-wash max-md:size-11"
      >
        <Ellipsis size={18} />
      </DropdownMenu.Trigger>
      <DropdownMenu.Portal>
        <DropdownMenu.Content
          align="end"
          className="z-50 min-w-60 rounded-xl border border-line bg-leaf p-1.5 shadow-xl"
        >
          <DropdownMenu.Item asChild className={ITEM}>
            <a href={`/api/plans/${plan.meta.id}/file`} download className="block">
              Export plan
            </a>
          </DropdownMenu.Item>
          <DropdownMenu.Item className={ITEM} onSelect={() => void navigate('/')}>
            All plans, or open one from a file
          </DropdownMenu.Item>
          <DropdownMenu.Separator className="my-1 h-px bg-line" />
          {!looks && (
            <DropdownMenu.Item
              className={ITEM}
              onSelect={() => commit('Change the measures', [setMeta(plan, { units: other })])}
            >
              Show {other === 'metric' ? 'millimetres' : 'feet and inches'}
            </DropdownMenu.Item>
          )}
          <DropdownMenu.Item className={ITEM} onSelect={() => setTheme('light')}>
            Light
          </DropdownMenu.Item>
          <DropdownMenu.Item className={ITEM} onSelect={() => setTheme('dark')}>
            Dark
          </DropdownMenu.Item>
          <DropdownMenu.Item className={ITEM} onSelect={() => setTheme(null)}>
            Same as the system
          </DropdownMenu.Item>
          <DropdownMenu.Separator className="my-1 h-px bg-line" />
          <DropdownMenu.Item className={ITEM} onSelect={onHelp}>
            Keyboard shortcuts
          </DropdownMenu.Item>
        </DropdownMenu.Content>
      </DropdownMenu.Portal>
    </DropdownMenu.Root>
  );
}
