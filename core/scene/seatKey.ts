import type { Station } from '../model/plan.ts';

/** Key of somebody at a station, with the carts and boxes that were brought: the station alone when it is their own. */
export function seatKey(
  station: Pick<Station, 'id' | 'person'>,
  person: string,
  brought: readonly string[] = [],
): string {
  return [person === station.person ? station.id : `${station.id}@${person}`, ...brought].join('+');
}
