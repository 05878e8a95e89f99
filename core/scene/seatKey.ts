import type { Station } from '../model/plan.ts';

/** Key of somebody at a station: the station alone when it is their own. */
export function seatKey(
  station: Pick<Station, 'id' | 'person'>,
  person: string,
  carts: readonly string[] = [],
): string {
  return [person === station.person ? station.id : `${station.id}@${person}`, ...carts].join('+');
}
