/** All of setup at once: answers to a plan, as `heron begin` and the tests take it. */
import { craftsMeant } from '@heronstone/core/entry/crafts.ts';
import { keepInUsualHolders } from '@heronstone/core/entry/usualHolders.ts';
import { standOutChanges } from '@heronstone/core/entry/standOut.ts';
import { seatsForCrafts } from '@heronstone/core/entry/craftSeats.ts';
import { craftChanges, personChanges, roomChanges, type FirstRoom } from '@heronstone/core/gestures/begin.ts';
import { furnishRoom, type LeftOut } from '@heronstone/core/gestures/furnishRoom.ts';
import { applyChanges, type Change } from '@heronstone/core/model/change.ts';
import { readLength, type UnitSystem } from '@heronstone/core/model/measure.ts';
import { emptyPlan, STANDING_DEFAULTS, type Plan } from '@heronstone/core/model/plan.ts';
import { set } from '@heronstone/core/model/change.ts';
import { KNOWN } from './known.ts';
import { furnitureIn, type SaidPiece } from './saidFurniture.ts';
import { addThings, readThings, wantedOf } from './setupAnswers.ts';

export interface Answers {
  units: UnitSystem;
  crafts: string;
  /** "10 x 9": across and from front to back, in feet, centimetres or millimetres. */
  room: string;
  furniture: string;
  /** One thing a line. */
  things: string;
  name?: string;
  door?: FirstRoom['door'];
  window?: FirstRoom['window'];
  /** mm. */
  ceiling?: number;
  stature?: number;
  hand?: 'left' | 'right';
  /** Whether loose things are kept in usual holders that are still to get; they are where nothing is said. */
  holders?: boolean;
}

export interface SetUp {
  plan: Plan;
  /** Every line in its order, the supply that it became, and what it is kept in by its words. */
  things: Array<{ line: string; supply: string | null; holder: string | null; problems: string[] }>;
  left: LeftOut[];
  unknown: SaidPiece[];
  /** Minutes a week of a usual stock in the room as it is furnished; null without furniture. */
  minutes: number | null;
}

/** What a room is when nobody says: common heights, mm; the door in the near wall, no window. */
const USUAL = {
  metric: { ceiling: 2400, stature: 1670, unit: 'm' },
  centimetres: { ceiling: 2400, stature: 1670, unit: 'cm' },
  imperial: { ceiling: 2438.4, stature: 1676.4, unit: 'ft' },
} as const;

/** Where a door is taken to be until it is moved. A window that nobody speaks of is none. */
export const USUAL_DOOR = { side: 'near', along: 'first' } as const;

/** @throws Error naming what of the room cannot be read */
function roomOf({
  units,
  room,
  door,
  window,
  ceiling,
}: Pick<Answers, 'units' | 'room' | 'door' | 'window' | 'ceiling'>): FirstRoom {
  const sizes = room
    .split(/\s*(?:x|×|by)\s*/i)
    .map((text) => readLength(/[a-z'"]/i.test(text) ? text : `${text} ${USUAL[units].unit}`, units, true));
  const [wide, deep] = sizes;
  if (!wide?.ok || !deep?.ok || sizes.length !== 2)
    throw new Error(
      `“${room}” is no room: write how wide and how deep it is, for example “${units === 'imperial' ? '10 x 9' : units === 'metric' ? '3.2 x 2.8' : '320 x 280'}”.`,
    );
  return {
    ...{ wide: wide.mm, deep: deep.mm, ceiling: ceiling ?? USUAL[units].ceiling },
    door: door === undefined ? USUAL_DOOR : door,
    window: window ?? null,
  };
}

/** Answers to a plan; of the rooms tried the best one is taken. @param seed other rooms are tried with another one @param tries how many rooms */
export function setUp(answers: Answers, newId: () => string, seed = SEED, tries?: number): SetUp {
  const { units } = answers;
  let plan = emptyPlan({ id: newId(), units, ...(answers.name ? { name: answers.name } : {}) });
  const take = (changes: readonly Change[]) => (plan = applyChanges(plan, [...changes]).plan);
  take(craftChanges(plan, craftsMeant(answers.crafts, KNOWN.crafts), newId));
  take(roomChanges(plan, roomOf(answers), newId));
  const { wanted, elsewhere, unknown } = wantedOf(plan, furnitureIn(answers.furniture));
  take(elsewhereChanges(plan, elsewhere, newId));
  const run = furnishRoom(plan, wanted, newId, seed, settledBy(newId), tries);
  let step = run.next();
  while (!step.done) step = run.next();
  const [best] = step.value;
  take(best?.changes ?? []);
  return {
    ...withThings(plan, answers, newId),
    left: best?.left ?? [],
    unknown,
    minutes: best?.minutes ?? null,
  };
}

/** A furnished room with who works there and what is owned, all that has an own place in it. */
export function withThings(room: Plan, answers: Answers, newId: () => string): Pick<SetUp, 'plan' | 'things'> {
  let plan = room;
  const take = (changes: readonly Change[]) => (plan = applyChanges(plan, [...changes]).plan);
  take(seatsForCrafts(plan, KNOWN, newId));
  take(personChanges(plan, answers.stature ?? USUAL[answers.units].stature, answers.hand ?? 'right', newId));
  const { things } = readThings(plan, answers.things);
  const good = things.filter((t) => t.read.draft);
  const { changes, supplies } = addThings(plan, good, newId);
  take(changes);
  take(standOutChanges(plan, newId));
  if (answers.holders !== false) take(keepInUsualHolders(plan, KNOWN, newId));
  return {
    plan,
    things: things.map((t) => ({
      line: t.line,
      supply: supplies[good.indexOf(t)] ?? null,
      holder: t.read.holder?.word ?? null,
      problems: [...t.read.missing, ...t.read.problems],
    })),
  };
}

/** At which seat what is done, for the rooms that are tried. */
export const settledBy =
  (newId: () => string) =>
  (plan: Plan): Change[] =>
    seatsForCrafts(plan, KNOWN, newId);

/** With this seed the rooms are tried, in the window, too. */
export const SEED = 1;

/** How far a place outside the room is when nobody says, seconds one way. Common practice, no source. */
const AWAY = 20;

/** Pieces that stand outside the room, each in its place there. */
export function elsewhereChanges(
  plan: Plan,
  pieces: ReturnType<typeof wantedOf>['elsewhere'],
  newId: () => string,
): Change[] {
  const places = new Map(Object.values(plan.elsewheres).map((e) => [e.name.toLowerCase(), e.id]));
  return pieces.flatMap(({ shape, place }) => {
    const changes: Change[] = [];
    let at = places.get(place);
    if (at === undefined) {
      at = newId();
      places.set(place, at);
      changes.push(
        set('elsewheres', at, { id: at, name: place.charAt(0).toUpperCase() + place.slice(1), seconds: AWAY }),
      );
    }
    const id = newId();
    return [...changes, set('units', id, { ...STANDING_DEFAULTS, ...shape, id, x: 0, y: 0, turn: 0, elsewhere: at })];
  });
}
