/** Hanging furniture on others and on doors: on a side, on the front edge, on the inside of a cabinet door, on the leaf of a door of the room. */
import { isMount, mountsOf } from '../furniture/mounts.ts';
import { ALL, compartmentsOf, mayBeOne } from '../furniture/compartments.ts';
import { set, type Change } from '../model/change.ts';
import type { Opening, Plan, Unit } from '../model/plan.ts';
import { atWall } from '../room/free.ts';
import { wallsOf } from '../room/walls.ts';

/** How far below the upper edge of what it hangs on something begins, when it hung nowhere before, mm. */
const BELOW = 100;

/** The doors of the room on whose leaves something may hang: they swing, and are as wide as it. */
export function leavesFor(plan: Pick<Plan, 'openings'>, unit: Pick<Unit, 'width' | 'height'>): Opening[] {
  return Object.values(plan.openings).filter(
    (o) => o.kind === 'door' && o.swing !== 'slide' && o.width >= unit.width && o.height >= unit.height,
  );
}

/** Changes that hang a unit on the leaf of a door, in its middle, flat against it. */
export function hangOnDoor(plan: Pick<Plan, 'openings' | 'corners'>, unit: Unit, door: Opening): Change[] {
  const wall = wallsOf(plan).find((w) => w.id === door.corner);
  if (!wall) return [];
  const at = atWall(wall, door.offset + door.width / 2, unit.depth / 2);
  const highest = door.sill + door.height - unit.height;
  const bottom = Math.max(0, Math.min(unit.bottom > 0 ? unit.bottom : highest - BELOW, highest));
  return [
    set('units', unit.id, {
      ...at,
      turn: wall.turn,
      bottom,
      onDoor: door.id,
      host: null,
      hostSlot: '',
      elsewhere: null,
    }),
  ];
}

/** Changes that hang a unit on a side, the front edge or a door of another, or stand it in one of its openings. */
export function putOn(host: Unit, unit: Unit, slot: string): Change[] {
  const mount = mountsOf(host).find((m) => m.slot === slot);
  const highest = host.bottom + host.height - unit.height;
  // On a front edge it is flush with the top.
  if (mount?.slot === 'edge')
    return [
      set('units', unit.id, {
        host: host.id,
        hostSlot: slot,
        bottom: Math.max(0, highest),
        onDoor: null,
        elsewhere: null,
      }),
    ];
  const own = unit.bottom >= host.bottom && unit.bottom <= highest && unit.bottom > 0;
  // What stands on the floor stands on it beside a side, too.
  const stands = unit.bottom === 0 && unit.kind !== 'pegboard' && unit.kind !== 'rail';
  const bottom = !mount || stands ? unit.bottom : own ? unit.bottom : Math.max(host.bottom, highest - BELOW);
  return [set('units', unit.id, { host: host.id, hostSlot: slot, bottom, onDoor: null, elsewhere: null })];
}

/** Where a unit could hang on others: their sides, and their doors where it is no deeper than the room behind them. */
export function mountsFor(plan: Pick<Plan, 'units'>, unit: Unit): Array<{ host: Unit; slot: string; name: string }> {
  return Object.values(plan.units).flatMap((host) =>
    host.id === unit.id || host.elsewhere !== null
      ? []
      : mountsOf(host)
          .filter(
            ({ inside }) =>
              unit.width <= inside.width + 0.5 &&
              unit.depth <= inside.depth + 0.5 &&
              unit.height <= inside.height + 0.5,
          )
          .map(({ slot, name }) => ({ host, slot, name })),
  );
}

/** Back to the room: it stands where it hung. @param unit as it stands */
export const takeDown = (unit: Unit): Change[] => [
  set('units', unit.id, {
    host: null,
    hostSlot: '',
    onDoor: null,
    ...(isMount(unit.hostSlot) ? { x: unit.x, y: unit.y, turn: unit.turn } : {}),
  }),
];

/**
 * Changes that make the openings of a piece the cells of one place, or places of their own again. What lies in them goes along:
 * the same supply comes together; on the way back all lies in the first opening.
 */
export function asOneChanges(
  plan: Pick<Plan, 'placements' | 'containers' | 'keeps'>,
  unit: Unit,
  asOne: boolean,
): Change[] {
  if (asOne && !mayBeOne(unit)) return [];
  const slot = asOne ? ALL : (compartmentsOf({ ...unit, asOne: false })[0]?.slot ?? '');
  const own = new Set(compartmentsOf({ ...unit, asOne: !asOne, storeDepth: 0 }).map((c) => c.slot));
  const changes: Change[] = [set('units', unit.id, { asOne })];
  const firsts = new Map<string, { id: string; count: number }>();
  for (const p of Object.values(plan.placements)) {
    if (p.unit !== unit.id || p.container !== null || !own.has(p.slot)) continue;
    const key = `${p.supply} ${p.arrangement} ${p.spare}`;
    const first = firsts.get(key);
    if (first) {
      first.count += p.count;
      changes.push(
        { table: 'placements', id: p.id, remove: true },
        set('placements', first.id, { count: first.count }),
      );
      continue;
    }
    firsts.set(key, { id: p.id, count: p.count });
    changes.push(set('placements', p.id, { slot, part: null, orientation: null }));
  }
  for (const c of Object.values(plan.containers))
    if (c.unit === unit.id && own.has(c.slot)) changes.push(set('containers', c.id, { slot, x: null, y: null }));
  for (const k of Object.values(plan.keeps))
    if (k.unit === unit.id && own.has(k.slot)) changes.push({ table: 'keeps', id: k.id, remove: true });
  return changes;
}
