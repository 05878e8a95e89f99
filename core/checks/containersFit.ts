/** What is wrong with containers where they stand. */
import { caution, found, type Finding, type Said } from '../model/finding.ts';
import { formatLength } from '../model/measure.ts';
import { byName, type Container, type Plan } from '../model/plan.ts';
import type { Scene } from '../scene/scene.ts';
import { containerPlace, standsIn } from '../fit/containers.ts';

/** Room over a container that is pulled out, to take its lid off where it stands, mm. Common practice, no source. */
const LID_ROOM = 25;

/** Containers not placed yet, too large for it, one in another, too deeply nested, or whose lid cannot open. */
export function checkContainers(plan: Plan, scene: Scene): Finding[] {
  return byName(plan.containers).flatMap((c) => (c.arrangement === 'staged' ? [] : checkOne(plan, scene, c)));
}

function checkOne(plan: Plan, scene: Scene, c: Container): Finding[] {
  const severity = c.arrangement === 'planned' ? 'error' : 'caution';
  const finding = (code: string, field: string, said: Said): Finding =>
    found(severity, code, `containers.${c.id}.${field}`, said);
  const parent = c.parent === null ? null : plan.containers[c.parent]!;
  if (parent && (parent.id === c.id || parent.parent === c.id))
    return [
      finding('in itself', 'parent', {
        message:
          parent.id === c.id
            ? `${c.name} is said to stand in itself.`
            : `${c.name} and ${parent.name} are said to stand in each other.`,
        expected: 'a container that does not stand in it',
      }),
    ];
  if (parent?.parent)
    return [
      finding('nested too deep', 'parent', {
        message: `${c.name} is in ${parent.name}, which is in a container itself; they nest one level.`,
        expected: 'a container that stands in no other',
      }),
    ];
  if (parent && (parent.unit !== c.unit || parent.slot !== c.slot || parent.arrangement !== c.arrangement))
    return [
      finding('container elsewhere', 'parent', {
        message: `${c.name} is said to be in ${parent.name}, but stands in another place.`,
        expected: `the place of ${parent.name}`,
      }),
    ];
  const place = scene.compartment.get(standsIn(plan, c));
  if (!place || !scene.compartment.has(containerPlace(c)))
    return [
      finding('no such place', 'slot', {
        message: `${c.name} stands in “${c.slot}” of ${plan.units[c.unit]!.name}, which has no such place.`,
        expected: `a place of ${plan.units[c.unit]!.name}`,
      }),
    ];
  const standing = scene.standing[c.arrangement === 'planned' ? 'planned' : 'today']
    .get(place.id)
    ?.find((s) => s.container === c.id);
  const { width, depth, height } = place.inside;
  const say = (mm: number) => formatLength(mm, plan.meta.units);
  if (standing?.reason)
    return [
      finding('container does not fit', standing.reason.includes('too') ? 'width' : 'x', {
        message: `${c.name} in ${place.name}: ${standing.reason}.`,
        expected: `a container within ${say(width)} × ${say(depth)} × ${say(height)}, beside the others`,
      }),
    ];
  const headroom = height - c.height;
  if (
    (c.lid === 'on' || c.lid === 'snap') &&
    c.pulled &&
    (place.access === 'open' || place.access === 'door') &&
    headroom < LID_ROOM
  )
    return [
      caution('lid cannot open', `containers.${c.id}.lid`, {
        message: `${c.name} in ${place.name}: its lid cannot be taken off where it stands, ${say(Math.ceil(LID_ROOM - headroom))} short above it. Leave the lid off, or carry it out.`,
        by: LID_ROOM - headroom,
      }),
    ];
  return [];
}
