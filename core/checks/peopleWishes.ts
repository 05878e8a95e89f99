/** What is said about people and places: what a child gets at, what somebody does not reach, should not lift or climb for. */
import { dangersOf, isLocked, withinReach } from '../cost/wishes.ts';
import type { Finding } from '../model/finding.ts';
import { formatLength, formatMass } from '../model/measure.ts';
import type { Scene } from '../scene/scene.ts';
import { aboutPlace } from './placementFindings.ts';
import type { PlacementReport } from './placementReport.ts';

/** Findings about people and where something lies. */
export function checkWishes(scene: Scene, p: PlacementReport): Finding[] {
  const { plan } = scene;
  const say = (mm: number) => formatLength(Math.ceil(mm), plan.meta.units);
  const findings: Finding[] = [];
  const supply = plan.supplies[p.supply]!;
  const compartment = scene.compartment.get(p.compartment)!;
  const about = (code: string, message: string, expected: string, by?: number): Finding =>
    aboutPlace(p, code, message, expected, by);
  for (const { person, by } of dangersOf(scene, supply, compartment))
    findings.push(
      about(
        'in reach of a child',
        `${supply.name} in ${p.place} is in reach of ${person.name}, ${say(by)} below the highest reach. Follow its label; lock it away or put it higher.`,
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
          ? `${supply.name} in ${p.place} is ${say(-by)} out of reach of ${person.name}, who should reach it.`
          : `${supply.name} in ${p.place} is locked away; ${person.name} should reach it.`,
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
          `${supply.name} weighs ${formatMass(each, plan.meta.units)}; ${person.name} should lift at most ${formatMass(person.lifts, plan.meta.units)}.`,
          'a place where it can stay and be used',
        ),
      );
    if (!person.steps && use.band === 'steps' && !person.wheelchair)
      findings.push(
        about(
          'needs steps',
          `${supply.name} in ${p.place} is reached from steps only; ${person.name} should not climb them.`,
          'a lower place',
        ),
      );
  }
  return findings;
}
