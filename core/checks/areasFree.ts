/** What stands or opens in an area that must be free, and who sits in it, each in the mode in which the area counts. */
import { footprint } from '../furniture/footprint.ts';
import { openedOf } from '../furniture/opened.ts';
import { caution, type Finding, type Said } from '../model/finding.ts';
import { formatLength } from '../model/measure.ts';
import { byName, type Area, type Plan } from '../model/plan.ts';
import { areaOutline } from '../room/areas.ts';
import { doorSweep } from '../room/doorSweep.ts';
import { boxOf, inSpan, NOISE } from '../room/free.ts';
import { inside, outOfRoom, overlapDepth, type Point } from '../geometry/geometry.ts';
import { inMode, ridersOf } from '../room/standing.ts';
import { outlineOf, wallsOf } from '../room/walls.ts';

/** Findings about areas, each in the mode in which it counts. */
export function checkAreas(plan: Plan): Finding[] {
  return byName(plan.areas).flatMap((area) => checkArea(inMode(plan, area.mode), area));
}

function checkArea(plan: Plan, area: Area): Finding[] {
  const walls = wallsOf(plan);
  if (walls.length < 3) return [];
  const findings: Finding[] = [];
  const say = (mm: number) => formatLength(Math.ceil(mm), plan.meta.units);
  const shape = areaOutline(area, plan.units);
  const span = { bottom: area.bottom, top: area.bottom + area.height };
  const when = area.mode === '' ? '' : `In “${area.mode}”: `;
  const mode = area.mode === '' ? {} : { mode: area.mode };
  const about = (code: string, said: Said): Finding => caution(code, `areas.${area.id}.x`, { ...said, ...mode });
  const out = outOfRoom(shape, outlineOf(plan));
  if (out > 1)
    findings.push(
      about('area outside room', { message: `${when}${area.name} reaches ${say(out)} through a wall.`, by: out }),
    );
  for (const door of Object.values(plan.openings)) {
    const wall = walls.find((w) => w.id === door.corner);
    const sweep = wall ? doorSweep(door, wall) : [];
    if (sweep.length === 0 || inSpan(span, { bottom: door.sill, top: door.sill + door.height }) <= 1) continue;
    const depth = overlapDepth(sweep, shape);
    if (depth > NOISE)
      findings.push(
        about('door meets area', {
          message: `${when}the ${door.kind} on ${wall!.name} meets ${area.name} by ${say(depth)}.`,
          by: depth,
        }),
      );
  }
  const own = area.unit === null ? undefined : plan.units[area.unit];
  const mine = new Set(own ? [own.id, ...ridersOf(plan, own).map((u) => u.id)] : []);
  for (const unit of byName(plan.units)) {
    if (mine.has(unit.id) || (unit.host !== null && plan.units[unit.host])) continue;
    const box = boxOf(unit);
    if (inSpan(box, span) <= 1) continue;
    const by = overlapDepth(shape, footprint(unit));
    if (by <= NOISE) continue;
    const what = unit.wheels
      ? `${when}${unit.name} must be rolled away: it stands ${say(by)} in ${area.name}.`
      : `${when}${unit.name} stands ${say(by)} in ${area.name}.`;
    findings.push(
      caution('in the way', `units.${unit.id}.x`, {
        message: what,
        by,
        also: [{ table: 'areas', id: area.id }],
        ...mode,
      }),
    );
  }
  findings.push(...barred(plan, area, shape, span, when, mode, mine));
  return findings;
}

/** What cannot open, and who cannot sit, while an area is in use: the bed before the cupboard, the bed where the chair stands. */
function barred(
  plan: Plan,
  area: Area,
  shape: Point[],
  span: { bottom: number; top: number },
  when: string,
  mode: { mode?: string },
  mine: ReadonlySet<string>,
): Finding[] {
  // Always and every day means what must be free: there only what stands in it counts.
  if (area.mode === '') return [];
  const say = (mm: number) => formatLength(Math.ceil(mm), plan.meta.units);
  const fronts = byName(plan.units).flatMap((unit): Finding[] => {
    if (mine.has(unit.id) || unit.host !== null) return [];
    let by = 0;
    for (const o of openedOf(unit))
      if (o.kind !== 'lid' && inSpan(o, span) > 1) by = Math.max(by, overlapDepth(o.shape, shape));
    if (by <= NOISE) return [];
    return [
      caution('cannot open then', `units.${unit.id}.x`, {
        message: `${when}${unit.name} cannot open: ${area.name} is ${say(by)} in its way. Take out before what is wanted then.`,
        by,
        also: [{ table: 'areas', id: area.id }],
        ...mode,
      }),
    ];
  });
  const seats = byName(plan.stations).flatMap((station): Finding[] =>
    inside(station, shape)
      ? [
          caution('seat in the way', `stations.${station.id}.x`, {
            message: `${when}nobody can sit at ${station.name}: its seat is in ${area.name}.`,
            also: [{ table: 'areas', id: area.id }],
            ...mode,
          }),
        ]
      : [],
  );
  return [...fronts, ...seats];
}
