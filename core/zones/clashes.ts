/** What one activity gives off and another cannot bear. Common practice, no source. */
import type { Activity } from '../model/plan.ts';

const CLASH: ReadonlyArray<[gives: Activity['gives'][number], needs: Activity['needs'][number], why: string]> = [
  ['dust', 'clean air', 'dust settles on what must dry clean'],
  ['wet', 'dry', 'wet work beside what must stay dry'],
  ['fumes', 'clean air', 'fumes where the air must be clean'],
  ['noise', 'quiet', 'noise beside quiet work'],
];

/** Why two activities should be apart, in words; empty where they need not. */
export function clashesOf(a: Pick<Activity, 'gives' | 'needs'>, b: Pick<Activity, 'gives' | 'needs'>): string[] {
  const burns = (x: typeof a, y: typeof a) =>
    x.gives.includes('fumes') && (y.gives.includes('flame') || y.gives.includes('heat'));
  return [
    ...CLASH.filter(([gives, needs]) => a.gives.includes(gives) && b.needs.includes(needs)).map(([, , why]) => why),
    ...CLASH.filter(([gives, needs]) => b.gives.includes(gives) && a.needs.includes(needs)).map(([, , why]) => why),
    ...(burns(a, b) || burns(b, a) ? ['fumes near heat or flame can catch fire'] : []),
  ];
}
