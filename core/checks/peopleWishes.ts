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
  for (const { person, by } of dangersOf(scene, supply, compartment))
    findings.push(
      aboutPlace(p, 'in reach of a child', {
        message: `${supply.name} in ${p.place} is in reach of ${person.name}, ${say(by)} below the highest reach. Follow its label; lock it away or put it higher.`,
        by,
      }),
    );
  for (const wish of Object.values(plan.wishes)) {
    if (wish.supply !== p.supply || wish.wish !== 'should reach') continue;
    const person = plan.people[wish.person]!;
    const by = withinReach(scene, person, compartment);
    if (by >= 0 && !isLocked(plan, compartment)) continue;
    findings.push(
      aboutPlace(p, 'out of reach', {
        message:
          by < 0
            ? `${supply.name} in ${p.place} is ${say(-by)} out of reach of ${person.name}, who should reach it.`
            : `${supply.name} in ${p.place} is locked away; ${person.name} should reach it.`,
        by: Math.max(0, -by),
      }),
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
        aboutPlace(p, 'not to be lifted', {
          message: `${supply.name} weighs ${formatMass(each, plan.meta.units)}; ${person.name} should lift at most ${formatMass(person.lifts, plan.meta.units)}.`,
        }),
      );
    if (!person.steps && use.band === 'steps' && !person.wheelchair)
      findings.push(
        aboutPlace(p, 'needs steps', {
          message: `${supply.name} in ${p.place} is reached from steps only; ${person.name} should not climb them.`,
        }),
      );
  }
  return findings;
}
