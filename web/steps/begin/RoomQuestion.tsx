/** How large the room is, and where its door and window are; drawn at once. */
import { useState } from 'react';
import { Link } from 'react-router';
import { ALONG, roomChanges, SIDES, type FirstRoom } from '@heronstone/core/gestures/begin.ts';
import { formatLength, readLength, type UnitSystem } from '@heronstone/core/model/measure.ts';
import { USUAL_DOOR } from '@heronstone/library/setUp.ts';
import { newId, useStore } from '../../state/state.ts';
import { Choice } from '../../ui/Field.tsx';
import { Onward } from './Onward.tsx';
import type { Question } from './question.ts';

/** A middling spare room, mm: 12 x 10 ft, or 3.5 x 3 m. */
const USUAL: Readonly<Record<'metric' | 'imperial', readonly [number, number]>> = {
  metric: [3500, 3000],
  imperial: [3657.6, 3048],
};
const FIELDS = [
  ['wide', 'From left (west) to right (east)', 900, 20_000],
  ['deep', 'From front (south) to back (north)', 900, 20_000],
  ['ceiling', 'Ceiling height', 1500, 8000],
] as const;
type Field = (typeof FIELDS)[number][0];

type Where = 'none' | `${(typeof SIDES)[number]} ${(typeof ALONG)[number]}`;
const WALL_WORDS = {
  far: 'the north wall, at the back',
  right: 'the east wall, at the right',
  near: 'the south wall, at the front',
  left: 'the west wall, at the left',
} as const;
const END_WORDS = {
  far: { first: 'left end', middle: 'middle', last: 'right end' },
  left: { first: 'back end', middle: 'middle', last: 'front end' },
} as const;
const PLACES: ReadonlyArray<readonly [Where, string]> = [
  ...SIDES.flatMap((side) => {
    const ends = END_WORDS[side === 'far' || side === 'near' ? 'far' : 'left'];
    return ALONG.map((along) => [`${side} ${along}` as const, `${WALL_WORDS[side]}, ${ends[along]}`] as const);
  }),
  ['none', 'none, or not known'],
];
const at = (where: Where): FirstRoom['door'] => {
  if (where === 'none') return null;
  const [side, along] = where.split(' ') as [(typeof SIDES)[number], (typeof ALONG)[number]];
  return { side, along };
};

export function RoomQuestion({ answer }: Question) {
  const plan = useStore((s) => s.plan)!;
  const system: UnitSystem = plan.meta.units;
  const [wide, deep] = USUAL[system === 'imperial' ? 'imperial' : 'metric'];
  const [texts, setTexts] = useState<Record<Field, string>>({
    wide: formatLength(wide, system),
    deep: formatLength(deep, system),
    ceiling: formatLength(plan.meta.ceiling, system),
  });
  const [door, setDoor] = useState<Where>(`${USUAL_DOOR.side} ${USUAL_DOOR.along}`);
  const [window, setWindow] = useState<Where>('none');
  const [tried, setTried] = useState(false);
  if (Object.keys(plan.corners).length >= 3)
    return (
      <form
        onSubmit={(e) => {
          e.preventDefault();
          answer('Keep the room', []);
        }}
      >
        <p className="text-lg">The room is measured. Corners, doors and more windows are changed under Measure.</p>
        <Onward autoFocus>Continue</Onward>
      </form>
    );
  const read = (field: Field): { mm: number; wrong: string | null } => {
    const [, label, least, most] = FIELDS.find(([f]) => f === field)!;
    const size = readLength(texts[field], system, true);
    if (!size.ok) return { mm: 0, wrong: `${label}: ${size.message}` };
    return size.mm < least || size.mm > most
      ? { mm: 0, wrong: `${label} is between ${formatLength(least, system)} and ${formatLength(most, system)}.` }
      : { mm: size.mm, wrong: null };
  };
  const values = { wide: read('wide'), deep: read('deep'), ceiling: read('ceiling') };
  const right = FIELDS.every(([f]) => values[f].wrong === null);
  return (
    <form
      onSubmit={(e) => {
        e.preventDefault();
        setTried(true);
        if (!right) return;
        const room = { wide: values.wide.mm, deep: values.deep.mm, ceiling: values.ceiling.mm };
        answer(`Measure ${plan.meta.room}`, roomChanges(plan, { ...room, door: at(door), window: at(window) }, newId));
      }}
    >
      <p className="text-soft">
        Stand where you like best; the wall before you is drawn at the top and called north. Roughly is good enough.
      </p>
      <div className="mt-2 grid grid-cols-2 gap-3">
        {FIELDS.map(([field, label], i) => {
          const { mm, wrong } = values[field];
          const id = `room-${field}`;
          return (
            <div key={field}>
              <label htmlFor={id} className="block text-soft">
                {label}
              </label>
              <input
                id={id}
                autoFocus={i === 0}
                value={texts[field]}
                aria-invalid={wrong !== null}
                aria-describedby={`${id}-read`}
                onFocus={(e) => e.target.select()}
                onChange={(e) => setTexts({ ...texts, [field]: e.target.value })}
                className={`w-full rounded-lg border bg-leaf px-3 py-2 text-base ${wrong && tried ? 'border-rust' : 'border-line'}`}
              />
              <p
                id={`${id}-read`}
                role={wrong && tried ? 'alert' : undefined}
                className={`min-h-5 text-xs ${wrong ? 'text-rust' : 'text-soft'}`}
              >
                {wrong
                  ? tried
                    ? wrong
                    : ''
                  : formatLength(mm, system) === texts[field]
                    ? ''
                    : formatLength(mm, system)}
              </p>
            </div>
          );
        })}
      </div>
      <div className="mt-2 grid gap-3">
        <Choice label="The door is in" value={door} options={PLACES} onSet={setDoor} />
        <Choice label="The window is in" value={window} options={PLACES} onSet={setWindow} />
      </div>
      <Onward>Draw the room</Onward>
      <p className="mt-3 text-soft">
        Not a rectangle?{' '}
        <Link to={`/plan/${plan.meta.id}/measure`} className="text-rust underline">
          Measure it wall by wall
        </Link>
        , then come back.
      </p>
    </form>
  );
}
