/** Kits in their homes. */
import { caution, type Finding } from '../model/finding.ts';
import { formatLength } from '../model/measure.ts';
import { byName, type Plan } from '../model/plan.ts';
import type { Scene } from '../scene/scene.ts';

/** Kits without a box that do not fit their home, or whose home is not there. A box is judged as any container is. */
export function checkKits(plan: Plan, scene: Scene): Finding[] {
  const say = (mm: number) => formatLength(Math.ceil(mm), plan.meta.units);
  return byName(plan.kits).flatMap((kit): Finding[] => {
    if (kit.box !== null || kit.unit === null) return [];
    const home = scene.compartment.get(`${kit.unit}/${kit.slot}`);
    if (!home)
      return [
        caution('no such place', `kits.${kit.id}.slot`, {
          message: `The kit ${kit.name} has its home in “${kit.slot}” of ${plan.units[kit.unit]!.name}, which has no such place.`,
        }),
      ];
    const { inside } = home;
    // A box is put in either way round, but not on its side.
    const [long, short] = [Math.max(kit.width, kit.depth), Math.min(kit.width, kit.depth)];
    const by = Math.max(
      kit.height - inside.height,
      long - Math.max(inside.width, inside.depth),
      short - Math.min(inside.width, inside.depth),
    );
    if (by <= 0.5) return [];
    return [
      caution('kit does not fit', `kits.${kit.id}.width`, {
        message: `The kit ${kit.name} is ${say(by)} too large for ${home.name}.`,
        by,
      }),
    ];
  });
}
