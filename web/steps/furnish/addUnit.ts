/** A click in the library: pieces are added where there is room for them, inserts into a free opening, and the last is chosen. */
import type { Standing } from '@heronstone/core/gestures/addPieces.ts';
import { howMany } from '@heronstone/core/model/measure.ts';
import type { UnitType } from '@heronstone/library/units.ts';
import { engine } from '../../engine/client.ts';
import { commitFound } from '../../state/furnitureActions.ts';

const standingOf = ({ group, title }: Partial<Pick<UnitType, 'group' | 'title'>>): Standing =>
  group === 'Into a cube opening'
    ? 'insert'
    : title === 'Edge clamp'
      ? 'edge'
      : title === 'Door-back rack'
        ? 'door'
        : group === 'On the wall and the door'
          ? 'wall'
          : 'floor';

/** Adds units of a type, or of a shape of the maker's own, as one step. */
export function addUnit(
  type: Pick<UnitType, 'shape'> & Partial<Pick<UnitType, 'group' | 'title' | 'unfolds'>>,
  many = 1,
): void {
  const { shape } = type;
  const name = many > 1 ? `Add ${howMany(many, 'piece')}: ${shape.name}` : `Add ${shape.name}`;
  commitFound(name, (plan) => engine.addPieces(plan, shape, standingOf(type), many, type.unfolds));
}
