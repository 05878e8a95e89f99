/** What of an evening a person who knows the craft would call right, after setup alone. */
import { evaluate } from '@heronstone/core/report/evaluate.ts';
import type { Report } from '@heronstone/core/report/report.ts';
import type { Plan } from '@heronstone/core/model/plan.ts';
import { factsOf, thingsOf, type Evening, type ExpectedThing } from './evening.ts';
import { Facts, type Fact } from './facts.ts';
import type { Played } from './play.ts';

export interface Score {
  lines: number;
  /** Typed lines with another use, count or holder than expected, with what was taken. */
  wrongUses: string[];
  wrongCounts: string[];
  wrongHolders: string[];
  holders: number;
  facts: Fact[];
  /** Share of the volume of drawers and trays within ripple 3 of the nearest seat. */
  drawersNear: number;
  /** Errors in the furnished room, in words. */
  errors: string[];
  /** Minutes a week, and lines without a place. */
  minutes: number;
  without: number;
  unplaced: string[];
}

export function score(evening: Evening, played: Played): Score {
  const { plan, supplies, holders } = played;
  const things = thingsOf(evening);
  const wrong = (test: (t: ExpectedThing) => string | null): string[] =>
    things.flatMap((t) => {
      const found = test(t);
      return found === null ? [] : [`${t.typed}: ${found}`];
    });
  const kept = things.filter((t) => t.holder !== null);
  const report = evaluate(plan);
  const facts = new Facts(plan, supplies, report);
  return {
    lines: things.length,
    wrongUses: wrong((t) => wrongUse(played, t)),
    wrongCounts: wrong(({ typed, least, most }) => {
      const supply = plan.supplies[supplies.get(typed) ?? ''];
      if (!supply) return 'not read';
      return supply.count >= least && supply.count <= most ? null : String(supply.count);
    }),
    wrongHolders: wrong((t) => (t.holder === null || holders.get(t.typed)?.endsWith(t.holder) ? null : 'lost')),
    holders: kept.length,
    facts: factsOf(evening).map((f) => facts.check(f)),
    ...roomOf(plan, report),
  };
}

function wrongUse({ plan, supplies, unsure }: Played, { typed, crafts }: ExpectedThing): string | null {
  const id = supplies.get(typed);
  if (id === undefined) return 'not read';
  const names = Object.values(plan.uses).flatMap((u) =>
    u.supply === id ? [plan.activities[u.activity]!.name.toLowerCase()] : [],
  );
  const said = names.join(', ') || 'nothing';
  if (unsure.has(id)) return crafts.includes('?') ? null : 'asked';
  if (crafts.includes('*')) return names.length > 0 ? null : said;
  if (crafts[0] === '?') return names.length === 0 ? null : said;
  const right = names.length > 0 && names.every((name) => crafts.some((c) => name.includes(c)));
  return right ? null : said;
}

/** How the room serves: what of its drawers is near a seat, what blocks what, and what a week costs. */
function roomOf(
  plan: Plan,
  report: Report,
): Pick<Score, 'drawersNear' | 'errors' | 'minutes' | 'without' | 'unplaced'> {
  let [near, all] = [0, 0];
  for (const c of report.compartments) {
    const cart = plan.units[c.unit]!.kind === 'cart';
    if (c.container !== null || !(c.access === 'drawer' || cart)) continue;
    const litres = c.inside.width * c.inside.depth * c.inside.height;
    all += litres;
    if (Object.values(c.reach).some((r) => r.ripple <= 3)) near += litres;
  }
  return {
    drawersNear: all === 0 ? 1 : near / all,
    errors: report.findings.filter((f) => f.severity === 'error').map((f) => f.message),
    minutes: report.week.planned.minutes,
    without: report.week.planned.without,
    unplaced: Object.values(report.supplies).flatMap((r) =>
      r.without.planned > 0 ? [`${plan.supplies[r.id]!.name}: ${r.reason}`] : [],
    ),
  };
}
