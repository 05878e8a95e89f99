/** Zones on the floor: a wash with a hatch of its own round the seats and the furniture of each, and its letter on every piece. */
import type { Report, ZoneReport } from '@heronstone/core/report/report.ts';
import type { Plan } from '@heronstone/core/model/plan.ts';
import { footprint } from '@heronstone/core/furniture/footprint.ts';
import { closed } from './svgPath.ts';

/** How far a wash reaches round a piece and a seat, mm. */
const ROUND = 260;
const SEAT = 520;
/** How many tints differ in colour; the hatch and the letter tell them apart besides. */
const WASHES = 8;
const TURN = [45, 90, 0, 135, 20, 110, 65, 155];

const washOf = (order: number) => `var(--z${(order % WASHES) + 1})`;

/** Zones that have places of a unit, the one with the most first. */
function zonesOfUnit(report: Report, unit: string): ZoneReport[] {
  const places = new Map<string, number>();
  for (const c of report.compartments)
    if (c.unit === unit && c.within === null) for (const z of c.zones) places.set(z, (places.get(z) ?? 0) + 1);
  const of = (z: ZoneReport) => places.get(z.id) ?? 0;
  return report.zones.filter((z) => of(z) > 0).sort((a, b) => of(b) - of(a));
}

export function ZoneWashes({ plan, report, px }: { plan: Plan; report: Report; px: number }) {
  const units = Object.values(plan.units).filter((u) => u.elsewhere === null);
  return (
    <g clipPath="url(#floor)" pointerEvents="none">
      <defs>
        {report.zones.map((z, n) => (
          <pattern
            key={z.id}
            id={`wash-${z.id}`}
            width={9 * px}
            height={9 * px}
            patternUnits="userSpaceOnUse"
            patternTransform={`rotate(${TURN[n % TURN.length]!})`}
          >
            <rect width={9 * px} height={9 * px} fill={washOf(n)} fillOpacity="0.42" />
            <line y2={9 * px} stroke={washOf(n)} strokeWidth={1.6 * px} />
          </pattern>
        ))}
      </defs>
      {report.zones.map((z) => {
        const own = units.filter((u) => zonesOfUnit(report, u.id)[0]?.id === z.id && u.host === null);
        const seats = z.stations.flatMap((s) => plan.stations[s] ?? []);
        const paint = `url(#wash-${z.id})`;
        return (
          <g key={z.id} data-zone={z.id} opacity="0.75">
            {own.map((u) => (
              <path
                key={u.id}
                d={closed(footprint(u))}
                fill={paint}
                stroke={paint}
                strokeWidth={2 * ROUND}
                strokeLinejoin="round"
              />
            ))}
            {seats.map((s) => (
              <circle key={s.id} cx={s.x} cy={s.y} r={SEAT} fill={paint} />
            ))}
          </g>
        );
      })}
    </g>
  );
}

/** The letters of the zones on a unit, S for storage. */
export function ZoneLetters({ plan, report, px }: { plan: Plan; report: Report; px: number }) {
  const r = 9 * px;
  return (
    <g pointerEvents="none" aria-hidden="true">
      {Object.values(plan.units).map((u) => {
        if (u.host !== null || u.elsewhere !== null) return null;
        const own = zonesOfUnit(report, u.id);
        const places = report.compartments.filter((c) => c.unit === u.id && c.within === null);
        const storage = places.length > 0 && places.every((c) => c.given.as === 'storage');
        const letters = storage ? ['S'] : own.slice(0, 3).map((z) => z.letter);
        const firm = places.some((c) => c.given.as !== 'open' && c.given.firm);
        const corner = footprint(u)
          .slice(0, 4)
          .reduce((a, b) => (b.x + b.y < a.x + a.y ? b : a));
        return letters.map((letter, n) => (
          <g
            key={`${u.id} ${letter}`}
            transform={`translate(${corner.x + r * 1.3 + n * r * 2.1} ${corner.y + r * 1.3})`}
          >
            <circle
              r={r}
              fill="var(--leaf)"
              stroke="var(--ink)"
              strokeWidth={(firm ? 2 : 1.1) * px}
              strokeDasharray={firm ? undefined : `${3 * px} ${2 * px}`}
            />
            <text dy="0.36em" textAnchor="middle" fontSize={11 * px} fontWeight="700" fill="var(--ink)">
              {letter}
            </text>
          </g>
        ));
      })}
    </g>
  );
}

/** The letter of a zone, large, behind its seats; zones that share a seat stand beside each other. */
export function ZoneSeats({ plan, report, px }: { plan: Plan; report: Report; px: number }) {
  const seats = new Map<string, string[]>();
  for (const z of report.zones) for (const s of z.stations) seats.set(s, [...(seats.get(s) ?? []), z.letter]);
  return (
    <g pointerEvents="none" aria-hidden="true">
      {[...seats].flatMap(([id, letters]) => {
        const seat = plan.stations[id];
        if (!seat) return [];
        const back = ((seat.facing + 180) * Math.PI) / 180;
        const at = { x: seat.x + Math.sin(back) * 430, y: seat.y - Math.cos(back) * 430 };
        return letters.map((letter, n) => (
          <g key={id + letter} transform={`translate(${at.x + (n - (letters.length - 1) / 2) * 30 * px} ${at.y})`}>
            <circle r={13 * px} fill="var(--ink)" />
            <text dy="0.36em" textAnchor="middle" fontSize={15 * px} fontWeight="700" fill="var(--paper)">
              {letter}
            </text>
          </g>
        ));
      })}
    </g>
  );
}
