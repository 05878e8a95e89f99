import { isAbout } from '@heronstone/core/model/finding.ts';
import { set } from '@heronstone/core/model/change.ts';
import { formatLength } from '@heronstone/core/model/measure.ts';
import type { Corner, Plan } from '@heronstone/core/model/plan.ts';
import { removeCorner, splitWall } from '@heronstone/core/room/outline.ts';
import { wallsOf } from '@heronstone/core/room/walls.ts';
import { commit } from '../../state/openPlan.ts';
import { newId, select, useStore } from '../../state/state.ts';
import { Button } from '../../ui/Button.tsx';
import { Fact, LengthField, TextField } from '../../ui/Field.tsx';
import { Sheet } from '../../ui/Sheet.tsx';

/** A wall and the corner at which it starts. */
export function CornerSheet({ corner, plan }: { corner: Corner; plan: Plan }) {
  const system = plan.meta.units;
  const report = useStore((s) => s.report);
  const wall = wallsOf(plan).find((w) => w.id === corner.id)!;
  const findings = report?.findings.filter((f) => isAbout(f, 'corners', corner.id)) ?? [];
  const move = (to: Partial<Corner>) => commit(`Move a corner of ${plan.meta.room}`, [set('corners', corner.id, to)]);
  return (
    <Sheet title={corner.wall} line={`${formatLength(wall.length, system)} long`}>
      {findings.map((f) => (
        <p key={f.message} role="alert" className="mb-2 font-bold text-rust">
          {f.message}
        </p>
      ))}
      <TextField
        label="Name of the wall"
        value={corner.wall}
        onSet={(name) => commit('Name a wall', [set('corners', corner.id, { wall: name })])}
      />
      <p className="mt-3 text-soft">It starts, as you face it, at the left corner:</p>
      <div className="mt-1 grid grid-cols-2 gap-2">
        <LengthField
          label="West to east"
          feet
          system={system}
          value={corner.x}
          least={-50_000}
          most={50_000}
          onSet={(x) => move({ x })}
        />
        <LengthField
          label="North to south"
          feet
          system={system}
          value={corner.y}
          least={-50_000}
          most={50_000}
          onSet={(y) => move({ y })}
        />
      </div>
      <dl className="mt-3">
        {corner.taped !== null && <Fact name="Taped">{formatLength(corner.taped, system)}</Fact>}
        {corner.taped !== null && Math.abs(corner.taped - wall.length) >= 0.5 && (
          <Fact name="Drawn">{formatLength(wall.length, system)}</Fact>
        )}
      </dl>
      <div className="mt-4 flex flex-wrap gap-2">
        <Button
          onClick={() => {
            const id = newId();
            if (commit(`Put a corner into ${corner.wall}`, splitWall(plan, corner.id, id)))
              select({ kind: 'corner', id });
          }}
        >
          Put a corner in its middle
        </Button>
        <Button
          disabled={Object.keys(plan.corners).length <= 3}
          onClick={() => {
            if (commit(`Delete a corner of ${plan.meta.room}`, removeCorner(plan, corner.id))) select(null);
          }}
        >
          Delete corner
        </Button>
        <Button onClick={() => select(null)}>Done</Button>
      </div>
    </Sheet>
  );
}
