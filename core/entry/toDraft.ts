/** What was read becomes a whole supply, once nothing is missing and nothing cannot be. */
import { usualUse } from '../fit/usedUp.ts';
import { FORM_FACTS, usualOrientations } from '../fit/forms.ts';
import { formatLength, type UnitSystem } from '../model/measure.ts';
import { SUPPLY_DEFAULTS } from '../model/plan.ts';
import type { Kind } from './kinds.ts';
import type { ReadLine } from './line.ts';

export function toDraft(read: ReadLine, kind: Kind | null, system: UnitSystem): void {
  const { supply, missing, problems, doubts } = read;
  const facts = FORM_FACTS[supply.form!];
  if (supply.name === '') missing.push('a name');
  for (const [i, value] of [supply.length, supply.width, supply.thickness].entries()) {
    const label = facts.sizes[i]!.toLowerCase();
    if (value === undefined) continue;
    if (Number.isNaN(value)) continue; // said already
    if (!(value > 0)) problems.push(`The ${label} must be above zero.`);
    else if (value > 6000)
      problems.push(
        `The ${label} of ${formatLength(value, system)} is more than ${system !== 'imperial' ? '6 m' : '19 ft'}; check its unit.`,
      );
  }
  if (kind && supply.length !== undefined && supply.form === kind.form) {
    const times = Math.max(supply.length, supply.width ?? 0) / Math.max(kind.length, kind.width);
    if (times > 5)
      doubts.push(
        `${formatLength(Math.max(supply.length, supply.width ?? 0), system)} is ${Math.round(times)} times as long as usual for ${kind.name.toLowerCase()}; check its unit.`,
      );
  }
  if (missing.length > 0 || problems.length > 0) return;
  read.draft = {
    ...SUPPLY_DEFAULTS,
    name: supply.name,
    category: supply.category ?? '',
    form: supply.form!,
    count: supply.count!,
    length: supply.length!,
    width: supply.width!,
    thickness: Math.max(supply.thickness!, 0.01),
    grammage: supply.form === 'sheets' ? (supply.grammage ?? null) : null,
    mass: supply.mass ?? (supply.form === 'sheets' || kind?.form !== supply.form ? null : (kind?.mass ?? null)),
    orientations: supply.orientations ?? usualOrientations(supply.form!),
    ...(supply.stands ? { stands: supply.stands } : {}),
    ...usualUse({ form: supply.form!, category: supply.category ?? '' }),
    note: '',
    together: read.states.states.length === 0 && !supply.season ? (kind?.everyday?.beside ?? '') : '',
    traits: supply.traits ?? [],
    colour: supply.colour ?? '',
    alike: supply.alike ?? null,
    backstock: supply.backstock ?? 0,
    season: supply.season ?? '',
    life: supply.life ?? 'current',
    parts: supply.parts ?? null,
    squeeze: supply.squeeze ?? (supply.form === 'soft' ? 0.8 : 1),
    sizeFrom: supply.sizeFrom ?? '',
    countFrom: supply.countFrom ?? '',
  };
}
