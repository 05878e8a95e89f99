/** What people should be able to reach by themselves, what they must not, what they should not lift or climb for. */
import type { Compartment } from '../furniture/compartments.ts';
import type { Finding } from '../model/finding.ts';
import { formatLength } from '../model/measure.ts';
import { byName, type Person, type Plan, type Supply } from '../model/plan.ts';
import type { PlacementReport } from '../report.ts';
import type { Scene } from '../scene.ts';
import { ADA } from './access.ts';
import { bodyOf } from './body.ts';

/** Whether a place is kept locked: its unit with a key, or the room elsewhere. */
export function isLocked(plan: Plan, compartment: Pick<Compartment, 'unit'>): boolean {
  const unit = plan.units[compartment.unit];
  if (!unit) return false;
  const elsewhere = unit.elsewhere === null ? undefined : plan.elsewheres[unit.elsewhere];
  return unit.keyed || (elsewhere?.conditions.includes('locked') ?? false);
}

/**
 * How far below (positive) or above (negative) the highest reach of a person a place lies, mm, standing before it
 * without steps; of somebody in a wheelchair, by how much it lies between the limits of the 2010 ADA Standards.
 */
export function withinReach(scene: Scene, person: Person, compartment: Pick<Compartment, 'access3'>): number {
  const { z } = compartment.access3;
  if (person.wheelchair) return Math.min(ADA.high - z, z - ADA.low);
  return bodyOf(person, null, scene.constants).overhead - z;
}

/** People who must not get at a supply. */
export function keptFrom(plan: Plan, supply: Supply): Person[] {
  return byName(plan.people).filter((p) => {
    const wish = Object.values(plan.wishes).find((w) => w.person === p.id && w.supply === supply.id);
    return wish ? wish.wish === 'must not reach' : p.child && supply.traits.includes('not for a child');
  });
}

/** Dangers of one placement: who gets at it that must not, and how far below their highest reach it lies, mm. */
export function dangersOf(
  scene: Scene,
  supply: Supply,
  compartment: Compartment,
): Array<{ person: Person; by: number }> {
  if (isLocked(scene.plan, compartment) || scene.plan.units[compartment.unit]?.elsewhere != null) return [];
  return keptFrom(scene.plan, supply).flatMap((person) => {
    const by = withinReach(scene, person, compartment);
    return by > 0 ? [{ person, by }] : [];
  });
}

/** Findings about people and the places of one arrangement. */
export function checkWishes(scene: Scene, placements: readonly PlacementReport[]): Finding[] {
  const { plan } = scene;
  const say = (mm: number) => formatLength(Math.ceil(mm), plan.meta.units);
  const findings: Finding[] = [];
  for (const p of placements) {
    const supply = plan.supplies[p.supply]!;
    const compartment = scene.compartment.get(p.compartment)!;
    const about = (code: string, message: string, expected: string, by?: number): Finding => ({
      code,
      severity: 'caution',
      path: `placements.${p.id}.slot`,
      expected,
      message,
      target: { table: 'placements', id: p.id },
      ...(by === undefined ? {} : { by: Math.ceil(by) }),
    });
    for (const { person, by } of dangersOf(scene, supply, compartment))
      findings.push(
        about(
          'in reach of a child',
          `${supply.name} in ${p.place} is in reach of ${person.name.toLowerCase()}, ${say(by)} below the highest reach. Follow its label; lock it away or put it higher.`,
          'a place that is locked or out of reach',
          by,
        ),
      );
    for (const wish of Object.values(plan.wishes)) {
      if (wish.supply !== p.supply || wish.wish !== 'should reach') continue;
      const person = plan.people[wish.person]!;
      const by = withinReach(scene, person, compartment);
      if (by >= 0 && !isLocked(plan, compartment)) continue;
      findings.push(
        about(
          'out of reach',
          by < 0
            ? `${supply.name} in ${p.place} is ${say(-by)} out of reach of ${person.name.toLowerCase()}, who should reach it.`
            : `${supply.name} in ${p.place} is locked away; ${person.name.toLowerCase()} should reach it.`,
          'a place within reach',
          Math.max(0, -by),
        ),
      );
    }
    const each = supply.mass ?? 0;
    const said = new Set<string>();
    for (const use of p.from) {
      const person = plan.people[use.person]!;
      if (said.has(person.id)) continue;
      said.add(person.id);
      if (person.lifts !== null && each > person.lifts)
        findings.push(
          about(
            'not to be lifted',
            `${supply.name} weighs ${(each / 1000).toFixed(1)} kg; ${person.name.toLowerCase()} should lift at most ${(person.lifts / 1000).toFixed(1)} kg.`,
            'a place where it can stay and be used',
          ),
        );
      if (!person.steps && use.band === 'steps' && !person.wheelchair)
        findings.push(
          about(
            'needs steps',
            `${supply.name} in ${p.place} is reached from steps only; ${person.name.toLowerCase()} should not climb them.`,
            'a lower place',
          ),
        );
    }
  }
  return findings;
}
