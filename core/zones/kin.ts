/** Homes of one kind that are used at one seat: one asks "where are the tools?", whichever of its homes a tool is in. */
import { groupBy } from '../model/groups.ts';
import { onceFor } from '../model/memo.ts';
import { usesOf, type Scene } from '../scene/scene.ts';
import { homesOf, madeOfHomes, type HomeOf } from './homes.ts';

/**
 * Pairs of supplies that are kin: what is most in use of the largest home of a kind at a seat, and each thing of that kind in
 * another home there. Machines stand where their work is, and what the maker keeps in a home or place of its own is there.
 */
export const kinOf = onceFor(madeOfHomes, (scene: Scene): ReadonlyArray<readonly [string, string]> => {
  const { of } = homesOf(scene);
  const free = Object.values(scene.plan.supplies).filter(
    (s) =>
      s.category !== '' && s.form !== 'machine' && s.season === '' && s.life !== 'retired' && isFree(of.get(s.id)!),
  );
  const mains = new Map(free.map((s) => [s.id, mainUse(scene, s.id)]));
  const kinds = groupBy(free, (s) => mains.get(s.id)!.seat && `${s.category.toLowerCase()} @${mains.get(s.id)!.seat}`);
  return [...kinds.values()].flatMap((list) => {
    const homes = [...groupBy(list, (s) => of.get(s.id)!).values()].sort((a, b) => b.length - a.length);
    const first = homes[0]!.reduce((a, b) => (mains.get(b.id)!.fetches > mains.get(a.id)!.fetches ? b : a));
    return homes.slice(1).flatMap((own) => own.map((s) => [first.id, s.id] as const));
  });
});

const isFree = (home: HomeOf) => home.row === null && home.place === null;

/** Where a supply is fetched for most, and how often. */
function mainUse(scene: Scene, supply: string): { seat: string | undefined; fetches: number } {
  let main: { seat: string | undefined; fetches: number } = { seat: undefined, fetches: 0 };
  for (const use of usesOf(scene, supply))
    if (use.fetches > main.fetches) main = { seat: use.station, fetches: use.fetches };
  return main;
}
