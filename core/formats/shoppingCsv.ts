/** The shopping list and the cut list as CSV: furniture, containers, dividers and spacers, each with what it is for. */
import { writeTable } from './csvTable.ts';
import type { Report } from '../report/report.ts';
import type { Plan } from '../model/plan.ts';
import { formatSize } from '../model/measure.ts';

const COLUMNS = ['what', 'name', 'size', 'count', 'price each', 'price', 'for'] as const;

/** The rows of the list, as they are shown and written. */
export function shoppingRows(plan: Plan, report: Pick<Report, 'shopping' | 'cuts' | 'stock'>): string[][] {
  const size = (mm: readonly number[]) => formatSize(mm, plan.meta.units);
  const money = (price: number | null) => (price === null ? '' : price.toFixed(2));
  const { wanted, containers, things } = report.shopping;
  return [
    ...wanted.map((w) => {
      const unit = plan.units[w.unit]!;
      return [
        'furniture',
        w.name,
        size([unit.width, unit.depth, unit.height]),
        '1',
        money(w.price),
        money(w.price),
        '',
      ];
    }),
    ...containers.map((c) => [
      'container',
      `${c.kind}${c.lid ? ' with a lid' : ''}`,
      size(c.size),
      String(c.count),
      money(c.price),
      money(c.price === null ? null : c.price * c.count),
      c.names.join('; '),
    ]),
    ...things.map((t) => ['thing', t.name, '', String(t.count), '', '', '']),
    ...report.cuts.map((p) => [
      'cut',
      p.kind,
      size([p.length, p.breadth]),
      String(p.count),
      '',
      '',
      `${p.place}, ${p.why}`,
    ]),
    ...report.stock.map((s) => [
      'stock',
      `${s.pieces} ${s.pieces === 1 ? 'piece' : 'pieces'} of this breadth`,
      size([s.length, s.breadth]),
      String(s.count),
      money(s.price),
      money(s.price === null ? null : s.price * s.count),
      'dividers and spacers',
    ]),
  ];
}

export function writeShoppingCsv(plan: Plan, report: Pick<Report, 'shopping' | 'cuts' | 'stock'>): string {
  return writeTable([[...COLUMNS], ...shoppingRows(plan, report)]);
}
