/** Dividers and spacers to cut: what keeps apart what lies without a container, and what fills the depth behind paper. */
import type { CompartmentReport, CutPiece, Report } from './report.ts';
import type { Plan } from '../model/plan.ts';

/** A spacer less deep than this is not worth cutting, mm; play that a piece is cut smaller by, mm. Our figures, no source. */
const LEAST = 40;
const PLAY = 1;

/** Furniture in which a sheet slides back unless something stands behind it. */
const STANDING: ReadonlySet<string> = new Set(['cube shelf', 'bookcase', 'cabinet']);

/** The pieces for a planned place. */
export function cutsIn(plan: Plan, c: CompartmentReport, placements: Report['placements']): CutPiece[] {
  const pieces: CutPiece[] = [];
  if (c.only === 'today') return pieces;
  const laid = c.contents.planned.flatMap((id) => {
    const p = placements[id]!;
    return p.block && p.lie ? [{ p, block: p.block, lie: p.lie, supply: plan.supplies[p.supply]! }] : [];
  });
  const down = Math.floor;
  if (STANDING.has(plan.units[c.unit]!.kind) && (c.access === 'open' || c.access === 'door')) {
    for (const { block, supply } of laid) {
      const depth = c.inside.depth - block.y - block.d;
      if (supply.form !== 'sheets' || depth - PLAY < LEAST) continue;
      pieces.push({
        compartment: c.id,
        place: c.name,
        kind: 'spacer',
        length: down(Math.max(block.w, LEAST)),
        breadth: down(depth - PLAY),
        count: 1,
        why: `behind ${supply.name}, so that it does not slide back`,
      });
    }
    return pieces;
  }
  if (c.access !== 'drawer' && c.access !== 'pull-out') return pieces;
  for (const { block, lie, supply } of laid) {
    // Against the right wall nothing is needed.
    if (laid.length < 2 || block.x + block.w > c.inside.width - LEAST) continue;
    const height = Math.min(
      c.inside.height - 5,
      lie.pattern === 'fill' ? c.inside.height - 5 : lie.up * Math.min(lie.layers, 3),
    );
    if (height < 10) continue;
    pieces.push({
      compartment: c.id,
      place: c.name,
      kind: 'divider',
      length: down(block.d - PLAY),
      breadth: down(height),
      count: 1,
      why: `beside ${supply.name}`,
    });
  }
  return pieces;
}
