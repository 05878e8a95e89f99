/** What a first plan still needs, in the order in which one would see to it. */
import type { Plan } from '../model/plan.ts';

const NEEDS = ['room', 'furniture', 'seat', 'things'] as const;
export type Need = (typeof NEEDS)[number];

/** What is missing for a first plan; empty when there is enough. */
export function lackingFor(plan: Plan): Need[] {
  const many = (table: 'corners' | 'units' | 'stations' | 'supplies') => Object.keys(plan[table]).length;
  const there: Readonly<Record<Need, boolean>> = {
    room: many('corners') >= 3,
    furniture: many('units') > 0,
    seat: many('stations') > 0,
    things: many('supplies') > 0,
  };
  return NEEDS.filter((n) => !there[n]);
}
