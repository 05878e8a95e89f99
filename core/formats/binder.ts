/** The printed binder of a room: from above, round the room wall by wall, every unit with what is in it, and an index. */
import type { Report } from '../report/evaluate.ts';
import { byName, type Arrangement, type Plan } from '../model/plan.ts';
import { placeOf } from '../report/placeOf.ts';
import { bookFor, type Book } from './book.ts';
import { drawAbove, drawRound } from './drawing.ts';
import type { LabelFonts } from './labelsPdf.ts';

/** One line of the binder's index: where a supply lies, and on which page. */
interface Entry {
  name: string;
  place: string;
  count: number;
  page: number;
}

/** Makes the binder as a PDF. */
export async function binderPdf(
  plan: Plan,
  report: Report,
  arrangement: Arrangement,
  fonts: LabelFonts,
): Promise<Uint8Array> {
  const book = await bookFor(plan, 'binder', fonts);
  book.turn();
  book.line(plan.meta.name, 9, { bold: true });
  book.line(`${plan.meta.room}, ${arrangement === 'planned' ? 'as planned' : 'as it is today'}: from above`, 4.5);
  book.drawing(drawAbove(plan));
  zonePages(book, plan, report, arrangement);
  const round = drawRound(plan);
  for (const wall of report.room.walls) {
    book.turn();
    book.line(`Round the room: ${wall.name}`, 6, { bold: true });
    const { left, right } = { left: wall.start - 50, right: wall.start + wall.length + 50 };
    const within = (x: number) => x >= left && x <= right;
    book.drawing({
      title: wall.name,
      box: { ...round.box, left, right },
      shapes: round.shapes.filter((s) => (s.kind === 'text' ? within(s.at.x) : s.points.every((p) => within(p.x)))),
    });
  }
  const index = units(book, plan, report, arrangement);
  book.turn();
  book.line('Where is what, from A to Z', 7, { bold: true });
  let letter = '';
  for (const e of index.sort((a, b) => a.name.localeCompare(b.name, 'en') || a.page - b.page)) {
    const first = e.name.charAt(0).toUpperCase();
    if (first !== letter) {
      book.space(1.5);
      book.line(first, 4.5, { bold: true });
      letter = first;
    }
    book.line(`${e.name}${e.count > 1 ? ` (${e.count})` : ''}: ${e.place}`, 3.3, { in: 4, right: `page ${e.page}` });
  }
  const without = byName(plan.supplies).filter((s) => report.supplies[s.id]!.without[arrangement] > 0);
  if (without.length > 0) {
    book.space(3);
    book.line('Not placed yet', 4.5, { bold: true });
    for (const s of without) book.line(`${s.name} (${report.supplies[s.id]!.without[arrangement]})`, 3.3, { in: 4 });
  }
  return book.doc.save();
}

/** Zone by zone: what is done there, its furniture, and its homes with their places. */
function zonePages(book: Book, plan: Plan, report: Report, arrangement: Arrangement): void {
  if (report.zones.length === 0) return;
  book.turn();
  book.line('Zones and homes', 7, { bold: true });
  for (const z of report.zones) {
    book.space(3);
    book.line(`${z.letter} · ${z.name}`, 5, { bold: true });
    book.line(z.activities.map((a) => plan.activities[a]!.name).join(', '), 3.3, { in: 4 });
    const own = z.units.flatMap((u) => plan.units[u]?.name ?? []);
    if (own.length > 0) book.line(`In ${own.join(', ')}`, 3.3, { in: 4 });
    for (const h of report.homes.filter((x) => x.zone === z.id && x.supplies.length > 0)) {
      const places = h.runs[arrangement].flat().map((id) => placeOf(report, id)?.name ?? id);
      book.line(`${h.name}: ${places.length === 0 ? 'not placed yet' : places.join('; ')}`, 3.4, { in: 8 });
    }
  }
}

/** Every unit with its places and what lies in them. */
function units(book: Book, plan: Plan, report: Report, arrangement: Arrangement): Entry[] {
  const entries: Entry[] = [];
  for (const unit of byName(plan.units)) {
    const own = report.compartments.filter((c) => c.unit === unit.id && c.contents[arrangement].length > 0);
    if (own.length === 0) continue;
    book.turn();
    book.line(unit.name, 7, { bold: true });
    for (const c of own) {
      book.space(2);
      const place = c.name === unit.name ? 'In it' : c.name.replace(`${unit.name}, `, '');
      book.line(c.homeName[arrangement] ? `${place}: ${c.homeName[arrangement]}` : place, 4.2, { bold: true });
      for (const id of c.contents[arrangement]) {
        const p = report.placements[id]!;
        const { name } = plan.supplies[p.supply]!;
        const page = book.line(`${name}${p.count > 1 ? `, ${p.count}` : ''}${p.how ? `: ${p.how}` : ''}`, 3.4, {
          in: 4,
        });
        entries.push({ name, place: c.name, count: p.count, page });
      }
    }
  }
  return entries;
}
