/** How many of a thing: the guess, and three chips that set it. */
import { AMOUNTS, amountSaid, amountsOf, type Amount } from '@heronstone/core/entry/amountChips.ts';
import { thousands } from '@heronstone/core/model/measure.ts';
import type { Supply } from '@heronstone/core/model/plan.ts';
import { KINDS } from '@heronstone/library/usualSizes.ts';

export function AmountChips({
  supply,
  onSet,
}: {
  supply: Pick<Supply, 'name' | 'count' | 'countFrom'>;
  onSet: (amount: Amount) => void;
}) {
  const amounts = amountsOf(supply, KINDS);
  const said = amountSaid(supply);
  return (
    <span
      role="group"
      aria-label={`How many: ${supply.name}`}
      className="flex shrink-0 overflow-hidden rounded-full border border-line"
    >
      {AMOUNTS.map((amount) => (
        <button
          key={amount}
          type="button"
          aria-pressed={said === amount}
          title={`about ${thousands(amounts[amount])}`}
          onClick={() => onSet(amount)}
          className={`min-h-7 px-2.5 focus-visible:-outline-offset-4 max-md:min-h-11 max-md:px-4 ${said === amount ? 'bg-ink text-paper' : 'text-soft hover:text-ink'}`}
        >
          {amount}
        </button>
      ))}
    </span>
  );
}
