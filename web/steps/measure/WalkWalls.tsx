/** Walk the walls with a tape: length, turn, length, turn. Shows the outline as it grows, and by how much it does not close. */
import { useState } from 'react';
import { formatArea, formatLength, readLength } from '@heronstone/core/model/measure.ts';
import { makeOutline, wallNames } from '@heronstone/core/room/outline.ts';
import { signedArea, type Point } from '@heronstone/core/geometry/geometry.ts';
import { selfCrossing, traverse, type Leg } from '@heronstone/core/geometry/traverse.ts';
import { commit } from '../../state/openPlan.ts';
import { newId, useStore } from '../../state/state.ts';
import { Button } from '../../ui/Button.tsx';
import { Select } from '../../ui/Select.tsx';

interface Row {
  text: string;
  turn: number;
}

/** An error up to this share of the perimeter is a tape's; more is a slip of reading (our limit, no source). */
const SMALL = 0.01;

const TURNS = [
  ['90', 'then right'],
  ['-90', 'then left'],
  ['45', 'half right, 45°'],
  ['-45', 'half left, 45°'],
] as const;

const START: Row[] = [
  { text: '', turn: 90 },
  { text: '', turn: 90 },
  { text: '', turn: 90 },
  { text: '', turn: 90 },
];

export function WalkWalls() {
  const plan = useStore((s) => s.plan)!;
  const system = plan.meta.units;
  const [rows, setRows] = useState(START);
  const [diagonal, setDiagonal] = useState('');
  const read = rows.map((row) => (row.text.trim() === '' ? null : readLength(row.text, system, true)));
  const legs: Leg[] = [];
  for (const [i, r] of read.entries()) {
    if (!r?.ok || r.mm <= 0) break;
    legs.push({ length: r.mm, turn: rows[i]!.turn });
  }
  const whole = legs.length === rows.length && legs.length >= 3;
  const across = diagonal.trim() === '' ? null : readLength(diagonal, system, true);
  const walk = traverse(legs, across?.ok ? [{ from: 0, to: 2, length: across.mm }] : []);
  const names = wallNames(walk.points);
  const crossing = whole ? selfCrossing(walk.adjusted) : null;
  const perimeter = legs.reduce((sum, leg) => sum + leg.length, 0);
  const change = (i: number, row: Partial<Row>) => setRows(rows.map((r, k) => (k === i ? { ...r, ...row } : r)));
  const use = (spread: boolean) =>
    commit(
      `Measure ${plan.meta.room} by walking its walls`,
      makeOutline(
        spread ? walk.adjusted : walk.points,
        legs.map((l) => l.length),
        newId,
      ),
    );
  const right = Math.abs(walk.turnError) < 0.5;
  return (
    <div className="grid gap-6 text-left md:grid-cols-[minmax(20rem,26rem)_1fr]">
      <div>
        <ol className="grid gap-1.5">
          {rows.map((row, i) => (
            <li key={i} className="grid grid-cols-[1.6rem_1fr_9rem_2rem] items-start gap-2">
              <span className="pt-1.5 font-serif text-lg">{i + 1}</span>
              <span>
                <input
                  aria-label={`Length of wall ${i + 1}`}
                  value={row.text}
                  placeholder={i === 0 ? (system !== 'imperial' ? 'for example 3.45 m' : 'for example 11 ft 4 in') : ''}
                  onChange={(e) => change(i, { text: e.target.value })}
                  aria-invalid={read[i]?.ok === false}
                  className="w-full rounded-md border border-line bg-leaf px-2 py-1"
                />
                {read[i]?.ok === false && (
                  <span className="block text-xs text-rust">{(read[i] as { message: string }).message}</span>
                )}
              </span>
              <Select
                label={`Turn after wall ${i + 1}`}
                value={String(row.turn)}
                options={TURNS}
                onSet={(turn) => change(i, { turn: Number(turn) })}
              />
              <Button
                look="quiet"
                aria-label={`Remove wall ${i + 1}`}
                disabled={rows.length <= 3}
                onClick={() => setRows(rows.filter((_, k) => k !== i))}
              >
                ×
              </Button>
            </li>
          ))}
        </ol>
        <div className="mt-3 flex flex-wrap items-end gap-3">
          <Button onClick={() => setRows([...rows, { text: '', turn: 90 }])}>One more wall</Button>
          <label>
            <span className="block text-soft">Across, from corner 1 to corner 3, if measured</span>
            <input
              value={diagonal}
              onChange={(e) => setDiagonal(e.target.value)}
              className="w-40 rounded-md border border-line bg-leaf px-2 py-1"
            />
          </label>
        </div>
      </div>
      <div className="flex min-w-0 flex-col">
        <Sketch walk={walk} whole={whole} crossing={crossing?.at ?? null} />
        <div role="status" aria-live="polite" className="mt-2">
          {!whole && (
            <p className="text-soft">
              Start in any corner and go round with the wall on your left, so that you turn right in an ordinary corner.
            </p>
          )}
          {whole && !right && (
            <p className="font-bold text-rust">
              The turns add up to {Math.round(360 + walk.turnError)}°, not 360°: a left and a right are mixed up, or a
              wall is missing.
            </p>
          )}
          {whole && right && walk.error < 0.5 && (
            <p className="font-bold text-reed">
              The walls close. {formatArea(Math.abs(signedArea(walk.points)) / 1e6, system)} of floor.
            </p>
          )}
          {whole && right && walk.error >= 0.5 && (
            <>
              <p className={walk.error > perimeter * SMALL ? 'font-bold text-rust' : 'font-bold text-lichen'}>
                The end misses the start by {formatLength(walk.error, system)}, 1 in {Math.round(walk.oneIn)}.
              </p>
              {walk.culprits.slice(0, 2).map((c, i) => (
                <p key={c.leg}>
                  {i === 0 ? 'Measure again first' : 'or'}: wall {c.leg + 1} ({names[c.leg]});{' '}
                  {formatLength(c.length, system)} would close it.
                </p>
              ))}
            </>
          )}
          {crossing && (
            <p className="font-bold text-rust">
              Wall {crossing.a + 1} and wall {crossing.b + 1} cross each other; look at the turns.
            </p>
          )}
        </div>
        {whole && right && !crossing && (
          <div className="mt-3 flex flex-wrap gap-2">
            <Button look="main" disabled={walk.error > perimeter * SMALL * 5} onClick={() => use(true)}>
              {walk.error < 0.5
                ? 'Draw the room'
                : `Spread ${formatLength(walk.error, system)} over the walls and draw the room`}
            </Button>
          </div>
        )}
        {whole && right && walk.error >= 0.5 && (
          <p className="mt-2 text-xs text-soft">
            Each corner moves by the share of the walls walked so far (compass rule, Bowditch 1808). What you taped is
            kept beside it.
          </p>
        )}
      </div>
    </div>
  );
}

/** The walls as walked so far, with the gap where they do not close. */
function Sketch({
  walk,
  whole,
  crossing,
}: {
  walk: ReturnType<typeof traverse>;
  whole: boolean;
  crossing: Point | null;
}) {
  const all = [...walk.points, walk.end];
  const [xs, ys] = [all.map((p) => p.x), all.map((p) => p.y)];
  const span = Math.max(Math.max(...xs, 0) - Math.min(...xs, 0), Math.max(...ys, 0) - Math.min(...ys, 0), 1000);
  const pad = span * 0.12;
  const px = span / 300;
  const path = all.map((p) => `${p.x} ${p.y}`).join('L');
  return (
    <svg
      viewBox={`${Math.min(...xs, 0) - pad} ${Math.min(...ys, 0) - pad} ${Math.max(...xs, 0) - Math.min(...xs, 0) + 2 * pad} ${Math.max(...ys, 0) - Math.min(...ys, 0) + 2 * pad}`}
      className="max-h-72 w-full"
      role="img"
      aria-label="The walls as walked so far"
    >
      {all.length > 1 && (
        <path
          d={`M${path}`}
          fill={whole ? 'var(--leaf)' : 'none'}
          stroke="var(--ink)"
          strokeWidth={2 * px}
          strokeLinejoin="round"
        />
      )}
      {walk.error > 0.5 && all.length > 2 && (
        <path
          d={`M${walk.end.x} ${walk.end.y}L0 0`}
          stroke="var(--rust)"
          strokeWidth={2 * px}
          strokeDasharray={`${4 * px} ${4 * px}`}
        />
      )}
      {crossing && (
        <path
          data-crossing=""
          d={`M${crossing.x - 9 * px} ${crossing.y - 9 * px}l${18 * px} ${18 * px}m0 ${-18 * px}l${-18 * px} ${18 * px}`}
          stroke="var(--rust)"
          strokeWidth={3 * px}
        />
      )}
      {walk.points.map((p, i) => (
        <g key={i} transform={`translate(${p.x} ${p.y})`}>
          <circle r={8 * px} fill="var(--leaf)" stroke="var(--ink)" strokeWidth={px} />
          <text textAnchor="middle" dy="0.36em" fontSize={10 * px} fill="var(--ink)">
            {i + 1}
          </text>
        </g>
      ))}
    </svg>
  );
}
