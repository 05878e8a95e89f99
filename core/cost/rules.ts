/** Where a thing may not lie: decisions of the purge, dangers, sun, heat, damp, weight, what must be seen, what the maker ruled out. */
import { mapFor, once, remembered } from '../model/memo.ts';
import { UNDER, type Compartment } from '../furniture/compartments.ts';
import { massEach } from '../fit/fit.ts';
import type { Plan, Supply } from '../model/plan.ts';
import { fetchesAWeek, usesOf, type Scene } from '../scene/scene.ts';
import { allottedTo } from '../zones/allotted.ts';
import { homesOf } from '../zones/homes.ts';
import { keptFrom } from './keeps.ts';
import { hazardsOf } from './hazards.ts';

/** Whether a thing leaves the room: it is given away, or goes to a place elsewhere that the plan does not have. */
export function goesAway(plan: Pick<Plan, 'units'>, supply: Pick<Supply, 'decision'>): boolean {
  if (supply.decision === 'give away') return true;
  return leavesTheRoom(supply) && !Object.values(plan.units).some((u) => u.elsewhere !== null);
}

/** Whether a thing is kept out of the room: out of season, or elsewhere. */
export function leavesTheRoom(supply: Pick<Supply, 'decision'>): boolean {
  return supply.decision === 'seasonal' || supply.decision === 'elsewhere';
}

/** Whether a decision lets a thing lie in a place: what goes elsewhere lies in furniture elsewhere, the rest anywhere. */
export function mayLieIn(
  plan: Pick<Plan, 'units'>,
  supply: Pick<Supply, 'decision'>,
  compartment: Pick<Compartment, 'unit'>,
): boolean {
  if (supply.decision === 'give away') return false;
  return !leavesTheRoom(supply) || plan.units[compartment.unit]?.elsewhere != null;
}

/** Fronts through which one does not see. */
export const CLOSED: ReadonlySet<string> = new Set(['drawer', 'pull-out', 'door', 'lid']);

/** Whether what lies in a place is seen from the room: no front before it, and no container around it that is not clear. */
export function isShown(scene: Pick<Scene, 'plan' | 'compartment'>, compartment: Compartment): boolean {
  const opening = compartment.within === null ? compartment : scene.compartment.get(compartment.within);
  if (scene.plan.units[compartment.unit]?.elsewhere != null || !opening || CLOSED.has(opening.access)) return false;
  const box = compartment.container === null ? null : scene.plan.containers[compartment.container]!;
  return box === null || box.seeThrough || (box.lid !== 'on' && box.lid !== 'snap');
}

/** A rule that keeps a thing out of a place. */
export interface Barred {
  code:
    | 'purge'
    | 'never'
    | 'kept'
    | 'zone'
    | 'home'
    | 'floor'
    | 'child'
    | 'sun'
    | 'heat'
    | 'damp'
    | 'heavy'
    | 'hidden'
    | 'clear';
  words: string;
}

/** A thing that is lifted out is not lifted from above the shoulder; judged for everybody who fetches it. */
function tooHeavy(scene: Scene, supply: Supply, compartment: Compartment): boolean {
  if (supply.form === 'sheets' || supply.form === 'loose') return false;
  const mass = massEach(supply);
  if (mass === null || mass <= scene.constants.heavyFrom * 1000 || scene.constants.heavyPerKilo === 0) return false;
  const seats = usesOf(scene, supply.id).map((u) => u.seat);
  const keys = seats.length > 0 ? seats : [...scene.seats.keys()].slice(0, 1);
  return keys.some((key) => {
    const { band } = scene.approaches.get(key)!.get(compartment.id)!;
    return band === 'high' || band === 'steps';
  });
}

/** Whether a thing may stay out on a table: a machine, what is kept in view, and what is fetched almost daily. */
function staysOut(scene: Scene, supply: Supply): boolean {
  return (
    supply.form === 'machine' ||
    supply.traits.includes('keep in view') ||
    fetchesAWeek(scene, supply.id) >= scene.constants.staysOut
  );
}

/** Large things that are set down on the floor, litres. Common practice, no source. */
const ON_THE_FLOOR = 3;
/** Whether a thing is set down on the bare floor: a machine, a case, something large and stiff. */
function standsOnFloor(s: Supply): boolean {
  if (s.form === 'machine') return true;
  const stiff = s.form === 'pieces' || s.form === 'set' || s.form === 'bottles';
  return stiff && s.length * s.width * s.thickness >= ON_THE_FLOOR * 1e6;
}

/** By scene, then by the row of the supply, then by compartment. */
const rulesIn = once((_approaches: Scene['approaches']) => mapFor<Supply, Barred | null>());

/**
 * Why a supply may not lie in a place, or null. No search breaks these rules; by hand they can be broken and are then
 * said as cautions and counted as penalties. A rule whose penalty was set to nothing does not count.
 */
export function barredFrom(scene: Scene, supply: Supply, compartment: Compartment): Barred | null {
  const rules = rulesIn(scene.approaches)(supply);
  const rule = remembered(rules, compartment.id, () => ruleFor(scene, supply, compartment));
  return rule ?? homeElsewhere(scene, supply, compartment);
}

/** What was firmly given to other zones, and a home that is firmly somewhere else; not remembered, since a click changes it. */
function homeElsewhere(scene: Scene, supply: Supply, compartment: Compartment): Barred | null {
  const { plan } = scene;
  const given = allottedTo(plan, compartment);
  const home = homesOf(scene).of.get(supply.id);
  if (given.as === 'zone' && given.firm && (!home || home.zone === null || !given.zones.includes(home.zone)))
    return {
      code: 'zone',
      words: `the place is given to ${given.zones.map((z) => plan.zones[z]!.name).join(' and ')}`,
    };
  const row = home?.row;
  if (
    row?.firm &&
    row.unit !== null &&
    (row.unit !== compartment.unit || (row.slot !== '' && row.slot !== compartment.slot))
  )
    return { code: 'home', words: `its home “${row.name}” is firmly in ${plan.units[row.unit]!.name}` };
  return null;
}

function ruleFor(scene: Scene, supply: Supply, compartment: Compartment): Barred | null {
  const { plan } = scene;
  if (!mayLieIn(plan, supply, compartment))
    return { code: 'purge', words: 'it was decided to keep it out of the room' };
  for (const n of Object.values(plan.bans))
    if (n.supply === supply.id && n.unit === compartment.unit && (n.slot === '' || n.slot === compartment.slot))
      return { code: 'never', words: 'you never want it there' };
  const kept = keptFrom(plan, supply, compartment);
  if (kept !== null) return { code: 'kept', words: kept };
  // What is too heavy, and what should be by a socket, may lie elsewhere if it must.
  const hazard = hazardsOf(scene, supply, compartment).find((h) => h.code !== 'heavy' && h.code !== 'socket');
  if (hazard && hazard.code !== 'heavy' && hazard.code !== 'socket') return { code: hazard.code, words: hazard.words };
  const { elsewhere } = plan.units[compartment.unit]!;
  if (
    elsewhere !== null &&
    supply.traits.includes('keep dry') &&
    plan.elsewheres[elsewhere]!.conditions.includes('damp')
  )
    return { code: 'damp', words: 'it must stay dry, and it is damp there' };
  if (tooHeavy(scene, supply, compartment)) return { code: 'heavy', words: 'too heavy to lift from so high' };
  if (supply.traits.includes('keep in view') && !isShown(scene, compartment))
    return { code: 'hidden', words: 'it must stay in view' };
  if (compartment.slot === UNDER && compartment.container === null && !standsOnFloor(supply))
    return { code: 'floor', words: 'it would lie on the bare floor; a box or a crate there holds it' };
  if (compartment.access === 'top' && !staysOut(scene, supply))
    return { code: 'clear', words: 'the top is kept clear for work and for what is used almost daily' };
  return null;
}
