/** One sheet for each piece of furniture, to hang inside its door: place by place the home, large, and what lies in it. */
import type { Report } from '../report/evaluate.ts';
import { byName, type Arrangement, type Plan } from '../model/plan.ts';
import { bookFor } from './book.ts';
import type { LabelFonts } from './labelsPdf.ts';

/** Height of a place with its home, and of each thing, in full size; what stands round them on a page; mm. */
const PLACE_HIGH = 4 + 1.5 * (4 + 7);
const THING_HIGH = 1.5 * 4;
const AROUND = 2 * 18 + 1.5 * (10 + 5) + 4;
/** Letters are at least so large a share of full size. */
const SMALLEST = 0.4;

/** @param units only these; all that have something in them when nothing is said */
export async function doorSheetsPdf(
  plan: Plan,
  report: Report,
  arrangement: Arrangement,
  fonts: LabelFonts,
  units?: readonly string[],
): Promise<Uint8Array> {
  const book = await bookFor(plan, 'door sheets', fonts);
  for (const unit of byName(plan.units)) {
    if (units && !units.includes(unit.id)) continue;
    const places = report.compartments.filter((c) => c.unit === unit.id && c.contents[arrangement].length > 0);
    if (places.length === 0) continue;
    const letters = new Set(places.flatMap((c) => c.zones));
    const zones = report.zones.filter((z) => letters.has(z.id)).map((z) => `${z.letter} · ${z.name}`);
    // All of it on one sheet: much of it in smaller letters.
    const high = places.reduce((n, c) => n + PLACE_HIGH + THING_HIGH * c.contents[arrangement].length, 0);
    const size = Math.max(SMALLEST, Math.min(1, (book.size.height - AROUND) / high));
    book.turn();
    book.line(unit.name, 10, { bold: true });
    if (zones.length > 0) book.line(zones.join('   '), 5);
    for (const c of places) {
      book.space(4 * size);
      const place = c.name === unit.name ? '' : c.name.replace(`${unit.name}, `, '');
      const home = c.homeName[arrangement];
      if (place !== '') book.line(place, 4 * size);
      if (home !== '') book.line(home, 7 * size, { bold: true });
      for (const id of c.contents[arrangement]) {
        const p = report.placements[id]!;
        book.line(
          `${plan.supplies[p.supply]!.name}${p.count > 1 ? `, ${p.count}` : ''}${p.spare ? ' (spares)' : ''}`,
          4 * size,
          { in: 5 },
        );
      }
    }
  }
  if (book.number === 0) {
    book.turn();
    book.line('Nothing is placed yet.', 5);
  }
  return book.doc.save();
}
