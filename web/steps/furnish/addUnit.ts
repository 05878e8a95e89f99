/** A click in the library: pieces are added where there is room for them, inserts into a free opening, and the last is chosen. */
import { howMany } from '@heronstone/core/model/measure.ts';
import { standingOf, type UnitType } from '@heronstone/library/units.ts';
import { engine } from '../../engine/client.ts';
import { commitFound } from '../../state/furnitureActions.ts';

/** Adds units of a type, or of a shape of the maker's own, as one step. */
export function addUnit(
  type: Pick<UnitType, 'shape'> & Partial<Pick<UnitType, 'group' | 'title' | 'unfolds'>>,
  many = 1,
): void {
  const { shape } = type;
  const name = many > 1 ? `Add ${howMany(many, 'piece')}: ${shape.name}` : `Add ${shape.name}`;
  commitFound(name, (plan) => engine.addPieces(plan, shape, standingOf(type), many, type.unfolds));
}
