/** A list to choose one from. Its keys are Radix's: Space or an arrow opens it, letters jump, Enter takes, Escape leaves. */
import { Check, ChevronDown } from 'lucide-react';
import { Select as Radix } from 'radix-ui';
import { useId } from 'react';

/** Radix keeps the empty text for "nothing chosen"; a choice that is kept as '' goes by this key instead. */
const EMPTY = '(empty)';

export function Select<T extends string>({
  label,
  id,
  value,
  options,
  onSet,
  look = 'field',
  className = '',
}: {
  /** What is chosen here, when no <label> beside it says so by `id`. */
  label?: string;
  id?: string;
  value: T;
  /** Key and text; a key may be '' for "none of these". */
  options: ReadonlyArray<readonly [T, string]>;
  onSet: (value: T) => void;
  /** In a form, within a line of text, or a round one that offers something to do. */
  look?: 'field' | 'line' | 'round';
  className?: string;
}) {
  const looks = {
    field: 'w-full rounded-md border-line px-2 py-1 hover:border-soft',
    line: 'rounded-md border-line px-1.5 py-0.5 font-bold text-ink hover:border-soft',
    round: 'min-h-9 rounded-full border-ink px-4 hover:bg-wash',
  };
  return (
    <Radix.Root value={value === '' ? EMPTY : value} onValueChange={(key) => onSet((key === EMPTY ? '' : key) as T)}>
      <Radix.Trigger
        id={id}
        aria-label={label}
        data-value={value}
        className={`inline-flex min-w-0 items-center justify-between gap-1.5 border bg-leaf text-left ${looks[look]} ${className}`}
      >
        <span className="truncate">
          <Radix.Value>{options.find(([key]) => key === value)?.[1] ?? ''}</Radix.Value>
        </span>
        <Radix.Icon asChild>
          <ChevronDown size={14} className="shrink-0 text-soft" aria-hidden="true" />
        </Radix.Icon>
      </Radix.Trigger>
      <Radix.Portal>
        <Radix.Content
          position="popper"
          sideOffset={4}
          collisionPadding={8}
          className="z-[60] max-h-[min(22rem,var(--radix-select-content-available-height))] max-w-[min(28rem,94vw)] min-w-[var(--radix-select-trigger-width)] overflow-hidden rounded-xl border border-line bg-leaf text-ink shadow-xl"
        >
          <Radix.Viewport className="p-1">
            {options.map(([key, text]) => (
              <Radix.Item
                key={key}
                value={key === '' ? EMPTY : key}
                data-value={key}
                className="relative flex cursor-default items-center rounded-lg py-1 pr-3 pl-7 outline-none select-none max-md:min-h-11 data-[highlighted]:bg-wash data-[state=checked]:font-bold"
              >
                <Radix.ItemIndicator className="absolute left-2">
                  <Check size={14} aria-hidden="true" />
                </Radix.ItemIndicator>
                <Radix.ItemText>{text}</Radix.ItemText>
              </Radix.Item>
            ))}
          </Radix.Viewport>
        </Radix.Content>
      </Radix.Portal>
    </Radix.Root>
  );
}

/** A list within a line of text, its name before it. */
export function LabelledSelect<T extends string>({
  label,
  ...rest
}: Omit<Parameters<typeof Select<T>>[0], 'id' | 'look' | 'label'> & { label: string }) {
  const id = useId();
  return (
    <span className="inline-flex items-center gap-1.5 text-soft">
      <label htmlFor={id}>{label}</label>
      <Select {...rest} id={id} look="line" />
    </span>
  );
}
