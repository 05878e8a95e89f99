/** One of a few, side by side: a radio group whose arrow keys are Radix's. */
import { RadioGroup } from 'radix-ui';

const SIZES = { small: 'px-3', medium: 'min-h-8 px-4', large: 'min-h-11 px-6 font-bold' };

export function Segments<T extends string>({
  label,
  value,
  options,
  onSet,
  className = '',
  size = 'medium',
}: {
  label: string;
  /** null while none is chosen. */
  value: T | null;
  /** Key and what is written on it. */
  options: ReadonlyArray<readonly [T, string]>;
  onSet: (value: T) => void;
  className?: string;
  size?: 'small' | 'medium' | 'large';
}) {
  return (
    <RadioGroup.Root
      aria-label={label}
      orientation="horizontal"
      value={value}
      onValueChange={(key) => onSet(key as T)}
      className={`flex w-fit overflow-hidden rounded-full border border-line ${className}`}
    >
      {options.map(([key, text]) => (
        <RadioGroup.Item
          key={key}
          value={key}
          className={`py-0.5 text-soft hover:text-ink data-[state=checked]:bg-ink data-[state=checked]:text-paper focus-visible:-outline-offset-4 ${SIZES[size]}`}
        >
          {text}
        </RadioGroup.Item>
      ))}
    </RadioGroup.Root>
  );
}
