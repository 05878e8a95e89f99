/**
 * What no plan of these things in this furniture takes less than, in minutes a week of the Report. It shares nothing with the search
 * but the places: each thing costs what it costs in a place alone, and may lie in parts in many places; of the room it is only
 * asked that the floor which the things take at the least is there. So it holds for every plan that the Report accepts, and it is
 * loose: what lies in each other's way, and that things are whole, is left out.
 * A linear relaxation (Dantzig 1957 for the knapsack of each place); things deeper than half of a place lie beside each other
 * (the simplest of the dual feasible functions of Fekete & Schepers 2004).
 */
import { posesOf, volumePoured } from '../fit/poses.ts';
import { floorOf } from '../fit/layOut.ts';
import { barredFrom, goesAway, mayLieIn } from '../cost/rules.ts';
import { placeCost } from '../cost/cost.ts';
import type { Compartment } from '../furniture/compartments.ts';
import type { Plan, Supply } from '../model/plan.ts';
import { setupsOf } from '../report/setupTime.ts';
import { fetchesAWeek, sceneOf, type Scene } from '../scene/scene.ts';
import { lookedThrough, soughtAs } from '../zones/searchTime.ts';
import { sparesOf } from '../zones/spares.ts';

/** The share of the floor that round things take in staggered rows rather than square ones: half the root of three. */
const STAGGERED = Math.sqrt(3) / 2;

/** The least that one piece of a supply takes of the floor of a place, mm²; and across it and into it where two never lie behind or beside each other, mm. */
interface Least {
  floor: number;
  across: number;
  into: number;
}

function leastOf(supply: Supply, place: Compartment): Least | null {
  const { width, depth } = floorOf(place);
  let least: Least | null = null;
  for (const lie of posesOf(supply, place)) {
    const board = place.access === 'peg';
    const [across, into, layers] = board ? [lie.across, lie.up, 1] : [lie.across, lie.into, lie.layers];
    let own: Least;
    if (lie.pattern === 'fill') {
      own = { floor: volumePoured(supply) / lie.up, across: 0, into: 0 };
    } else if (lie.pattern === 'grid') {
      own = {
        floor: ((across * into) / layers) * (lie.round ? STAGGERED : 1),
        across: into > depth / 2 + 1e-6 && !lie.round ? across / layers : 0,
        into: across > width / 2 + 1e-6 && !lie.round ? into / layers : 0,
      };
    } else {
      const most = lie.pattern === 'parts' ? lie.layers : lie.perColumn;
      own = {
        floor: lie.pattern === 'parts' ? (lie.across * depth) / most : (width * depth) / most,
        across: 0,
        into: 0,
      };
    }
    least = least
      ? {
          floor: Math.min(least.floor, own.floor),
          across: Math.min(least.across, own.across),
          into: Math.min(least.into, own.into),
        }
      : own;
  }
  return least;
}

interface Bound {
  /** The model in the LP format that HiGHS reads; its optimum is in seconds a week. */
  text: string;
  /** Getting ready, the same in every plan, s a week. */
  setup: number;
}

/** The model of the bound of a plan's furniture and things, whatever is planned. Pinned things may lie anywhere in it, too. */
function boundModel(plan: Plan): Bound {
  const scene = sceneOf(plan);
  const setup = setupsOf(scene).reduce((sum, s) => sum + s.seconds * s.times, 0);
  const terms: string[] = [];
  const rows: string[] = [];
  const places = scene.compartments.map((c) => ({
    c,
    floor: [] as string[],
    across: [] as string[],
    into: [] as string[],
  }));
  let n = 0;
  const term = (x: number, name: string) => `${x.toFixed(6)} ${name}`;
  for (const supply of Object.values(plan.supplies)) {
    const fetches = fetchesAWeek(scene, supply.id);
    if (fetches <= 0 || goesAway(plan, supply)) continue;
    // Spares take room where they lie with the rest; apart from it they take none here, and are hardly fetched.
    const working = Math.max(1, supply.count - sparesOf(supply));
    const i = n++;
    const own = [`u${i}`];
    terms.push(term(fetches * scene.constants.hunt, `u${i}`));
    places.forEach((place, j) => {
      const costs = alone(scene, supply, place.c);
      if (costs === null) return;
      const name = `x${i}_${j}`;
      own.push(name);
      terms.push(term(costs.seconds, name));
      place.floor.push(term(costs.least.floor * working, name));
      if (costs.least.across > 0) place.across.push(term(costs.least.across * working, name));
      if (costs.least.into > 0) place.into.push(term(costs.least.into * working, name));
    });
    rows.push(` a${i}: ${own.join(' + ')} = 1`);
  }
  places.forEach(({ c, floor, across, into }, j) => {
    const { width, depth } = floorOf(c);
    const standing = (scene.standing.planned.get(c.id) ?? []).reduce(
      (sum, s) => sum + (s.rect ? s.rect.w * s.rect.d : 0),
      0,
    );
    const most = (list: string[], name: string, room: number) => {
      if (list.length > 0) rows.push(` ${name}${j}: ${list.join(' + ')} <= ${(room + 1e-3).toFixed(6)}`);
    };
    most(floor, 'f', Math.max(0, width * depth - standing));
    most(across, 'w', width);
    most(into, 'd', depth);
  });
  if (terms.length === 0) terms.push('0 u0');
  return { text: `Minimize\n obj: ${terms.join(' + ')}\nSubject To\n${rows.join('\n')}\nEnd`, setup };
}

/** What all of a supply costs in a place with nothing else there, s a week, and the least it takes; null where it may not lie. */
function alone(scene: Scene, supply: Supply, c: Compartment): { seconds: number; least: Least } | null {
  if (c.only === 'today' || !mayLieIn(scene.plan, supply, c) || barredFrom(scene, supply, c) !== null) return null;
  const least = leastOf(supply, c);
  if (!least) return null;
  const { lines } = soughtAs(scene, { supply: supply.id, spare: false }, c);
  const cost = placeCost(scene, supply, c, { lines: lookedThrough(supply) === 0 ? 1 : lines, share: 0 }, 'planned');
  return { seconds: cost.fetching + cost.penalty, least };
}

/**
 * Minutes a week that no plan takes less than.
 * @param solve minimises a linear model and gives its optimum, for example with HiGHS
 * @throws Error when it does not find the optimum
 */
export function leastMinutes(plan: Plan, solve: (text: string) => { Status: string; ObjectiveValue: number }): number {
  const { text, setup } = boundModel(plan);
  const { Status, ObjectiveValue } = solve(text);
  if (Status !== 'Optimal') throw new Error(`The linear model ended with “${Status}”.`);
  // Less what rounding may be off.
  return Math.max(0, (ObjectiveValue + setup) / 60 - 1e-4);
}
