/**
 * What is dangerous or harmful beside each other in one place: hot tools, what burns, blades that lie loose, dust on cloth and
 * paper. Guidance, not certification; labels and local codes decide.
 */
import { guardsHands, LEAD, nextSocket } from '../cost/hazards.ts';
import type { Compartment } from '../furniture/compartments.ts';
import type { Finding, Said } from '../model/finding.ts';
import { formatLength } from '../model/measure.ts';
import type { Supply } from '../model/plan.ts';
import type { Scene } from '../scene/scene.ts';
import { aboutPlace } from './placementFindings.ts';
import type { PlacementReport } from './placementReport.ts';

/** Whether something burns, or is spoilt by heat. */
export const burns = (s: Supply): boolean => s.traits.includes('flammable') || s.traits.includes('keep from heat');
const takesDust = (s: Supply): boolean => s.form === 'sheets' || s.form === 'soft';

/** Findings about one place and all that lies in it. */
export function checkDangers(scene: Scene, c: Compartment, list: readonly PlacementReport[]): Finding[] {
  const { plan } = scene;
  const findings: Finding[] = [];
  const supplyOf = (p: PlacementReport) => plan.supplies[p.supply]!;
  const say = (code: string, p: PlacementReport, said: Said) => findings.push(aboutPlace(p, code, said));
  for (const p of list) {
    const s = supplyOf(p);
    const others = list.filter((other) => other !== p).map(supplyOf);
    if (s.traits.includes('hot')) {
      const near = others.find(burns);
      if (near)
        say('hot beside what burns', p, {
          message: `${s.name} gets hot, and ${near.name} lies beside it in ${c.name}. Let it cool on a heat-proof mat; keep it by itself.`,
        });
      const far = nextSocket(scene, c);
      if (far !== null && far > LEAD)
        say('hot tool far from a socket', p, {
          message: `${s.name} gets hot, and the next socket is ${formatLength(Math.round(far), plan.meta.units)} from ${c.name}. Hot tools have their place by their socket, on a heat-proof mat.`,
          by: far - LEAD,
        });
    }
    if (s.traits.includes('sharp') && s.form === 'loose' && p.count > 1 && !guardsHands(plan, c))
      say('sharp and loose', p, {
        message: `${s.name} lies loose in ${c.name}, and is sharp: a hand that reaches in gets hurt. Give it a lidded box, a cushion or a magnet.`,
      });
    const below = s.traits.includes('dusty') ? others.find(takesDust) : undefined;
    if (below)
      say('dust on cloth or paper', p, {
        message: `${s.name} gives dust, and ${below.name} lies open beside it in ${c.name}. A lid or a bag keeps it in.`,
      });
  }
  return findings;
}
