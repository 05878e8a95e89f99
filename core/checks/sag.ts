/** How far shelves sag: a simply supported board under even load, 5 w L^4 / (384 E I), I = b t^3 / 12 (any handbook of statics). */
import { PUBLISHED, type Constants } from '../model/constants.ts';
import type { Unit } from '../model/plan.ts';

const GRAVITY = 9.81;

export interface Board {
  /** Between supports, mm. */
  span: number;
  /** From front to back, mm. */
  depth: number;
  thickness: number;
}

/**
 * Sag in the middle when the load is put on, mm.
 * @param e stiffness, N/mm²
 * @param mass even load, kg
 */
export function sag({ span, depth, thickness }: Board, e: number, mass: number): number {
  const inertia = (depth * thickness ** 3) / 12;
  const perMm = (mass * GRAVITY) / span;
  return (5 * perMm * span ** 4) / (384 * e * inertia);
}

/** Stiffness (N/mm²) and creep of what a shelf is made of; null for metal, which is not judged. */
export function stiffness(
  material: Unit['material'],
  constants: Constants = PUBLISHED,
): { e: number; creep: number } | null {
  switch (material) {
    case 'particleboard':
      return { e: constants.eParticleboard, creep: constants.creepBoard };
    case 'MDF':
      return { e: constants.eMdf, creep: constants.creepBoard };
    case 'pine':
      return { e: constants.ePine, creep: constants.creepPine };
    case 'plywood':
      return { e: constants.ePlywood, creep: constants.creepPlywood };
    case 'metal':
      return null;
  }
}
