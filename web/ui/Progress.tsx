/** How far a search is: a level of water, as the fill of a place is drawn. */
import { Progress as Radix } from 'radix-ui';

/** @param share 0 to 1 @param label what is being done */
export function Progress({ share, label, className = 'w-48' }: { share: number; label: string; className?: string }) {
  const percent = Math.round(Math.max(0, Math.min(1, share)) * 100);
  return (
    <Radix.Root
      value={percent}
      aria-label={label}
      className={`h-2 overflow-hidden rounded-full border border-line bg-paper ${className}`}
    >
      <Radix.Indicator className="block h-full bg-[var(--w3)]" style={{ width: `${percent}%` }} />
    </Radix.Root>
  );
}
