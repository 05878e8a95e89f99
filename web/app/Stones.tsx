/** The stepping stones: in a row above the work, or, on a phone, a few of them within the thumb's reach below it. */
import { Link } from 'react-router';
import { Menu, MenuLink } from '../ui/Menu.tsx';

export interface StoneProps {
  to: string;
  title: string;
  /** Whether it is the step that is shown. */
  here: boolean;
  /** How much is still open there. */
  open: number;
}

export function Stone({ to, title, here, open }: StoneProps) {
  return (
    <Link
      to={to}
      aria-current={here ? 'page' : undefined}
      className={`stone relative shrink-0 px-3.5 py-1.5 ${here ? 'z-10 mx-3 bg-deep px-5 py-2 font-bold text-ondeep' : 'bg-sand hover:bg-stone'}`}
    >
      {title}
      <Open count={open} />
    </Link>
  );
}

function Open({ count }: { count: number }) {
  if (count === 0) return null;
  return (
    <span className="absolute -top-2 -right-1.5 min-w-5 rounded-full border-2 border-rust bg-leaf px-1 text-center text-[11px] leading-4 font-bold text-rust">
      {count}
      <span className="sr-only"> open</span>
    </span>
  );
}

/** What is done standing in the room; the others are behind More. */
const AT_HAND = ['Sort', 'Find', 'Move', 'Place'];

export function StonesBelow({ stones }: { stones: readonly StoneProps[] }) {
  const near = AT_HAND.flatMap((title) => stones.filter((s) => s.title === title));
  const far = stones.filter((s) => !AT_HAND.includes(s.title));
  const beyond = far.find((s) => s.here);
  const look = (here: boolean) =>
    `flex min-h-11 items-center justify-center rounded-full px-3 text-[13px] ${here ? 'pebble bg-paper font-bold text-ink' : 'text-ondeep'}`;
  return (
    <nav
      aria-label="Steps of the work"
      className="noprint flex h-14 shrink-0 items-center justify-around bg-deep px-1 pb-[env(safe-area-inset-bottom)]"
    >
      {near.map((s) => (
        <Link key={s.to} to={s.to} aria-current={s.here ? 'page' : undefined} className={look(s.here)}>
          {s.title}
        </Link>
      ))}
      {far.length > 0 && (
        <Menu
          side="top"
          trigger={
            <button type="button" aria-label="Other steps" className={look(beyond !== undefined)}>
              {beyond?.title ?? 'Steps …'}
            </button>
          }
        >
          {far.map((s) => (
            <MenuLink key={s.to}>
              <Link to={s.to} aria-current={s.here ? 'page' : undefined}>
                {s.title}
                {s.open > 0 && <span className="ml-4 text-sm font-bold text-rust">{s.open} open</span>}
              </Link>
            </MenuLink>
          ))}
        </Menu>
      )}
    </nav>
  );
}
