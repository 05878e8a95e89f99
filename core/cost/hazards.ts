/** Broken wishes about where a thing should not lie, the same from every seat: a child's reach, the sun, heat. */
import { onceFor } from '../model/memo.ts';
import type { Compartment } from '../furniture/compartments.ts';
import type { Plan, Supply } from '../model/plan.ts';
import { dangersOf } from './wishes.ts';
import { distance, type Point } from '../geometry/geometry.ts';
import { wallsOf } from '../room/walls.ts';
import type { Scene } from '../scene/scene.ts';

/** A broken wish about a place, as seconds on each fetch. */
export interface Penalty {
  code: 'heavy' | 'child' | 'sun' | 'heat' | 'socket';
  /** Seconds on each fetch. */
  seconds: number;
  words: string;
}

interface Near {
  sun: boolean;
  heat: boolean;
  /** The name of a station near it whose work gives flame or heat; null for none. */
  flame: string | null;
  /** How far the next socket is, mm; null in a room without sockets, and elsewhere. */
  socket: number | null;
}
/** Where the sun, the heater, a flame are near, by scene: it takes all places and all openings. */
const nearAll = onceFor((scene: Scene) => [scene.approaches], nearPlaces);

/** Places that light reaches: neither drawer nor door nor lid keeps it off. */
const LIT: ReadonlySet<string> = new Set(['open', 'peg', 'top', 'box']);

function nearPlaces(scene: Scene): Map<string, Near> {
  const { plan, constants } = scene;
  const walls = wallsOf(plan);
  const middle = (row: { corner: string; offset: number; width: number }): Point[] => {
    const wall = walls.find((w) => w.id === row.corner);
    if (!wall) return [];
    const along = row.offset + row.width / 2;
    return [{ x: wall.from.x + wall.along.x * along, y: wall.from.y + wall.along.y * along }];
  };
  const windows = Object.values(plan.openings).flatMap((o) => (o.kind === 'window' ? middle(o) : []));
  const sockets = Object.values(plan.fixtures).flatMap((f) => (f.kind === 'socket' ? middle(f) : []));
  const heaters = Object.values(plan.fixtures).flatMap((f) => (f.kind === 'heater' ? middle(f) : []));
  const flames = Object.values(plan.activities)
    .filter((a) => a.gives.includes('flame') || a.gives.includes('heat'))
    .flatMap((a) => [
      a.station,
      ...Object.values(plan.helpers).flatMap((h) => (h.activity === a.id ? [h.station] : [])),
    ])
    .flatMap((id) => (id !== null && plan.stations[id] ? [plan.stations[id]] : []));
  const within = (c: Compartment, points: readonly Point[], far: number) =>
    plan.units[c.unit]?.elsewhere == null && points.some((p) => distance(p, c.mouth) <= far);
  return new Map(
    scene.compartments.map((c) => [
      c.id,
      {
        sun: LIT.has(c.access) && within(c, windows, constants.sunReach),
        heat: within(c, heaters, constants.heatReach),
        flame:
          plan.units[c.unit]?.elsewhere == null
            ? (flames.find((f) => distance(f, c.mouth) <= constants.flameReach)?.name ?? null)
            : null,
        socket:
          plan.units[c.unit]?.elsewhere == null && sockets.length > 0
            ? Math.min(...sockets.map((p) => distance(p, c.mouth)))
            : null,
      },
    ]),
  );
}
const nearOf = (scene: Scene, c: Compartment): Near => nearAll(scene).get(c.id)!;

/** How far the next socket is from a place, mm; null in a room without sockets, and elsewhere. */
export const nextSocket = (scene: Scene, c: Compartment): number | null => nearOf(scene, c).socket;

/** How far a lead reaches from its socket, mm. Common practice, no source. */
export const LEAD = 1500;

/** Whether a hand that reaches in is safe from what is sharp and loose there: on a board, in cells, under a lid. */
export function guardsHands(plan: Pick<Plan, 'containers'>, c: Compartment): boolean {
  const lid = c.container === null ? null : plan.containers[c.container]?.lid;
  return c.access === 'peg' || c.parts !== undefined || lid === 'on' || lid === 'snap';
}

/** What is wrong with a place for a supply, as seconds on each fetch. */
export function hazardsOf(scene: Scene, supply: Supply, compartment: Compartment): Penalty[] {
  const { constants } = scene;
  const { traits } = supply;
  const penalties: Penalty[] = [];
  const [danger] = dangersOf(scene, supply, compartment);
  if (danger && constants.childNear > 0)
    penalties.push({
      code: 'child',
      seconds: constants.childNear,
      words: `in reach of ${danger.person.name}`,
    });
  if (traits.length === 0) return penalties;
  const near = nearOf(scene, compartment);
  if (near.sun && traits.includes('keep out of light') && constants.sunNear > 0)
    penalties.push({
      code: 'sun',
      seconds: constants.sunNear,
      words: 'it should be kept out of light, and is near the window',
    });
  if (near.socket !== null && near.socket > LEAD && traits.includes('hot') && constants.hotFar > 0)
    penalties.push({
      code: 'socket',
      seconds: constants.hotFar,
      words: 'it gets hot, and is far from a socket',
    });
  if (near.flame !== null && traits.includes('flammable') && constants.heatNear > 0)
    penalties.push({
      code: 'heat',
      seconds: constants.heatNear,
      words: `flammable, and near the flame or heat at ${near.flame}; follow its label`,
    });
  if (near.heat && (traits.includes('keep from heat') || traits.includes('flammable')) && constants.heatNear > 0)
    penalties.push({
      code: 'heat',
      seconds: constants.heatNear,
      words: traits.includes('flammable')
        ? 'flammable, and near the heater'
        : 'it should be kept from heat, and is near the heater',
    });
  return penalties;
}
