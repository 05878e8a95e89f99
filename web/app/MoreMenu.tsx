import { UNIT_SYSTEMS, type UnitSystem } from '@heronstone/core/model/measure.ts';
import { Ellipsis } from 'lucide-react';
import { useNavigate } from 'react-router';
import { setMeta } from '@heronstone/core/model/change.ts';
import { Menu, MenuLine, MenuLink, MenuRule } from '../ui/Menu.tsx';
import { commit } from '../state/openPlan.ts';
import { useStore } from '../state/state.ts';

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

const MEASURES: Readonly<Record<UnitSystem, string>> = {
  metric: 'millimetres',
  centimetres: 'centimetres',
  imperial: 'feet and inches',
};

/** Everything that is not part of a step: files, measures, light and dark. */
export function MoreMenu({ onHelp }: { onHelp: () => void }) {
  const plan = useStore((s) => s.plan)!;
  const looks = useStore((s) => s.may === 'read');
  const navigate = useNavigate();
  const others = UNIT_SYSTEMS.filter((s) => s !== plan.meta.units);
  return (
    <Menu
      trigger={
        <button
          type="button"
          aria-label="More"
          className="grid size-9 place-items-center rounded-full hover:bg-wash max-md:size-11"
        >
          <Ellipsis size={18} />
        </button>
      }
    >
      <MenuLink>
        <a href={`/api/plans/${plan.meta.id}/file`} download>
          Export plan
        </a>
      </MenuLink>
      <MenuLine onSelect={() => void navigate('/')}>All plans, or open one from a file</MenuLine>
      <MenuRule />
      {!looks &&
        others.map((units) => (
          <MenuLine key={units} onSelect={() => commit('Change the measures', [setMeta(plan, { units })])}>
            Show {MEASURES[units]}
          </MenuLine>
        ))}
      <MenuLine onSelect={() => setTheme('light')}>Light</MenuLine>
      <MenuLine onSelect={() => setTheme('dark')}>Dark</MenuLine>
      <MenuLine onSelect={() => setTheme(null)}>Same as the system</MenuLine>
      <MenuRule />
      <MenuLine onSelect={() => void navigate('/guide')}>Guide: your first evening</MenuLine>
      <MenuLine onSelect={onHelp}>Keyboard shortcuts</MenuLine>
    </Menu>
  );
}
