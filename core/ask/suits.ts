/** Which kind of container suits a thing, by how it is used; whether it has room is another question. Common practice, no source. */
import type { ContainerShape, Supply } from '../model/plan.ts';

/** What is for paper and flat sets only: nobody stacks markers in a pouch. */
const FOR_FLAT: ReadonlySet<ContainerShape['kind']> = new Set(['pouch', 'binder', 'file']);
/** Thicker things are not flat, mm. */
const FLAT = 8;
/** Smaller things fall through a basket or get lost in it, mm. */
const BASKET = 60;
/** The narrowest opening a spoon goes into, mm. */
const SPOON = 60;
/** Words of what is taken with a spoon. */
const SCOOPED =
  /\b(powders?|glitters?|flock|embossing|sand|plaster|pigments?|mica|salts?|starch|sugar|micro ?beads)\b/i;
/** Kinds in which bottles and pots stand to be carried and kept together; they need no second pot. */
const FOR_POTS: ReadonlySet<ContainerShape['kind']> = new Set(['tray', 'bin', 'basket', 'box', 'carousel']);
/** How many times as long as broad a slim thing is, as pens and brushes are. */
const SLIM = 3;

/** Whether it is taken with a spoon, so that what holds it is wide enough for one. */
const isScooped = (s: Pick<Supply, 'form' | 'name' | 'category'>): boolean =>
  s.form === 'loose' && (SCOOPED.test(s.name) || SCOOPED.test(s.category));

/** Whether somebody would keep such a thing in such a container. */
export function suits(supply: Supply, shape: ContainerShape): boolean {
  const { form } = supply;
  const [small, middle, large] = [supply.length, supply.width, supply.thickness].sort((a, b) => a - b) as [
    number,
    number,
    number,
  ];
  if (form === 'machine') return false;
  const flat = form === 'sheets' || form === 'soft' || small <= FLAT;
  if (FOR_FLAT.has(shape.kind) && !flat) return false;
  if (form === 'bottles') return FOR_POTS.has(shape.kind) && (shape.lid === 'none' || shape.lid === 'off');
  if (shape.kind === 'basket' && (form === 'loose' || large < BASKET)) return false;
  if (shape.kind === 'cup') return form !== 'sheets' && form !== 'soft' && large >= SLIM * middle;
  if (shape.kind === 'jar' && (form === 'sheets' || form === 'soft')) return false;
  if (isScooped(supply) && Math.min(shape.insideWidth, shape.insideDepth) < SPOON) return false;
  return true;
}
