/**
 * When things are moved by a step or taken back, what moved glides from its old place to its new one, in a fifth of a second. Not while
 * a search runs: names would fly over each other with every better plan.
 */
import { useEffect, useRef, type RefObject } from 'react';
import type { Report } from '@heronstone/core/report/evaluate.ts';
import { useSearching } from '../../state/searching.ts';
import type { Arrangement } from '@heronstone/core/model/plan.ts';

/** ms */
const TAKES = 220;
/** The most at once: no eye follows more. */
const MOST = 12;

/** Where each supply lies, by place: the first of its places. */
function placesOf(report: Report, arrangement: Arrangement): Map<string, string> {
  const at = new Map<string, string>();
  for (const p of Object.values(report.placements))
    if (p.arrangement === arrangement && !at.has(p.supply)) at.set(p.supply, p.compartment);
  return at;
}

/** The supplies that went from one place to another, and from where to where. */
export function moved(
  before: ReadonlyMap<string, string>,
  now: ReadonlyMap<string, string>,
): Array<{ supply: string; from: string; to: string }> {
  return [...now].flatMap(([supply, to]) => {
    const from = before.get(supply);
    return from !== undefined && from !== to ? [{ supply, from, to }] : [];
  });
}

/** Follows the places that a drawing shows. @param names what each supply is called */
export function useGliding(
  frame: RefObject<HTMLElement | null>,
  report: Report | null,
  arrangement: Arrangement,
  names: Readonly<Record<string, { name: string }>> | undefined,
): void {
  const last = useRef<{ plan: string; arrangement: Arrangement; at: Map<string, string> } | null>(null);
  useEffect(() => {
    if (!report) return;
    const at = placesOf(report, arrangement);
    const before = last.current;
    last.current = { plan: report.plan, arrangement, at };
    const still = matchMedia('(prefers-reduced-motion: reduce)').matches;
    const box = frame.current;
    const searching = useSearching.getState().running !== null;
    if (!box || !before || still || searching || before.plan !== report.plan || before.arrangement !== arrangement)
      return;
    const all = moved(before.at, at);
    // One thing that is moved by hand was followed by the hand.
    if (all.length < 2) return;
    const edge = box.getBoundingClientRect();
    const middle = (place: string) => {
      const r = box.querySelector(`[data-place="${CSS.escape(place)}"]`)?.getBoundingClientRect();
      return r ? { x: r.left + r.width / 2, y: r.top + r.height / 2 } : null;
    };
    const seen = (p: { x: number; y: number }) =>
      p.x > edge.left && p.x < edge.right && p.y > edge.top && p.y < edge.bottom;
    for (const { supply, from, to } of all.slice(0, MOST)) {
      const [a, b] = [middle(from), middle(to)];
      if (!a || !b || (!seen(a) && !seen(b))) continue;
      const chip = document.createElement('span');
      chip.textContent = names?.[supply]?.name ?? '';
      chip.className =
        'pointer-events-none fixed top-0 left-0 z-30 rounded-full border border-ink bg-leaf px-2 text-[11px] whitespace-nowrap';
      chip.setAttribute('aria-hidden', 'true');
      document.body.append(chip);
      const put = (p: { x: number; y: number }) => `translate(${p.x}px, ${p.y}px) translate(-50%, -50%)`;
      chip
        .animate([{ transform: put(a) }, { transform: put(b) }], { duration: TAKES, easing: 'ease-in-out' })
        .finished.finally(() => chip.remove())
        .catch(() => {});
    }
  }, [frame, report, arrangement, names]);
}
