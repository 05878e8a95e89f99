/** Fields that keep what is typed until it is right: an error stays beside the field, Escape brings the old value back. */
import { useEffect, useId, useRef, useState, type ReactNode } from 'react';
import { formatLength, readLength, type UnitSystem } from '@heronstone/core/model/measure.ts';

interface Draft {
  label: string;
  hideLabel?: boolean;
  value: string;
  /** Takes the text; returns what is wrong with it, or null. */
  onText: (text: string) => string | null;
  inputMode?: 'text' | 'decimal';
  className?: string;
  hint?: string;
  placeholder?: string;
}

function DraftField({
  label,
  hideLabel = false,
  value,
  onText,
  inputMode = 'text',
  className = '',
  hint,
  placeholder,
}: Draft) {
  const id = useId();
  const [text, setText] = useState(value);
  const [error, setError] = useState<string | null>(null);
  const typing = useRef(false);
  useEffect(() => {
    if (!typing.current) {
      setText(value);
      setError(null);
    }
  }, [value]);
  const done = () => {
    typing.current = false;
    if (text === value) {
      setError(null);
      return;
    }
    const wrong = onText(text);
    setError(wrong);
    if (wrong !== null) typing.current = true;
  };
  return (
    <div className={className}>
      <label htmlFor={id} className={hideLabel ? 'sr-only' : 'block text-soft'}>
        {label}
      </label>
      <input
        id={id}
        value={text}
        inputMode={inputMode}
        placeholder={placeholder}
        autoComplete="off"
        aria-invalid={error !== null}
        aria-describedby={error !== null ? `${id}-error` : hint ? `${id}-hint` : undefined}
        onChange={(e) => {
          typing.current = true;
          setText(e.target.value);
        }}
        onBlur={done}
        onKeyDown={(e) => {
          if (e.key === 'Enter') done();
          if (e.key === 'Escape') {
            typing.current = false;
            setText(value);
            setError(null);
            e.stopPropagation();
          }
        }}
        className={`w-full rounded-md border bg-leaf px-2 py-1 ${error !== null ? 'border-rust' : 'border-line hover:border-soft'}`}
      />
      {hint && error === null && (
        <p id={`${id}-hint`} className="text-xs text-soft">
          {hint}
        </p>
      )}
      {error !== null && (
        <p id={`${id}-error`} role="alert" className="text-xs text-rust">
          {error}
        </p>
      )}
    </div>
  );
}

type Common = Pick<Draft, 'label' | 'hideLabel' | 'className' | 'hint'>;

export function TextField({
  value,
  onSet,
  empty = false,
  ...rest
}: Common & { value: string; onSet: (value: string) => void; empty?: boolean }) {
  return (
    <DraftField
      {...rest}
      value={value}
      onText={(text) => {
        if (text.trim() === '' && !empty) return 'A name is needed.';
        onSet(text.trim());
        return null;
      }}
    />
  );
}

/** A length in the plan's measures; `least` and `most` in mm. */
export function LengthField({
  value,
  onSet,
  system,
  least = 0,
  most = 20_000,
  ...rest
}: Common & { value: number; onSet: (mm: number) => void; system: UnitSystem; least?: number; most?: number }) {
  return (
    <DraftField
      {...rest}
      inputMode={system === 'metric' ? 'decimal' : 'text'}
      value={formatLength(value, system)}
      onText={(text) => {
        // Positions may lie on the other side of a wall; lengths may not.
        const negative = least < 0 && /^\s*[-−]/.test(text);
        const plain = text;
        const size = readLength(negative ? plain.replace(/^\s*[-−]/, '') : plain, system);
        if (!size.ok) return size.message;
        const read = { mm: negative ? -size.mm : size.mm };
        if (read.mm < least - 1e-6 || read.mm > most + 1e-6)
          return `${rest.label} is between ${formatLength(least, system)} and ${formatLength(most, system)}.`;
        onSet(read.mm);
        return null;
      }}
    />
  );
}

export function NumberField({
  value,
  onSet,
  least,
  most,
  whole = false,
  ...rest
}: Common & { value: number; onSet: (value: number) => void; least: number; most: number; whole?: boolean }) {
  return (
    <DraftField
      {...rest}
      inputMode="decimal"
      value={String(value)}
      onText={(text) => {
        const number = Number(text.trim().replace(',', '.'));
        if (
          text.trim() === '' ||
          !Number.isFinite(number) ||
          number < least ||
          number > most ||
          (whole && !Number.isInteger(number))
        ) {
          return `${rest.label} is a ${whole ? 'whole ' : ''}number from ${least} to ${most}.`;
        }
        onSet(number);
        return null;
      }}
    />
  );
}

/** A length or number that may be left empty; the placeholder says what holds then. */
export function OptionalField({
  value,
  onSet,
  system,
  otherwise,
  least,
  most,
  factor = 1,
  ...rest
}: Common & {
  value: number | null;
  onSet: (value: number | null) => void;
  /** null for a plain number. */
  system: UnitSystem | null;
  otherwise: string;
  least: number;
  most: number;
  /** What is typed times this is kept: 1000 for kilograms kept as grams. */
  factor?: number;
}) {
  const say = (n: number) => (system ? formatLength(n, system) : String(n / factor));
  return (
    <DraftField
      {...rest}
      placeholder={otherwise}
      inputMode="decimal"
      value={value === null ? '' : say(value)}
      onText={(text) => {
        const plain = text.trim();
        if (plain === '') {
          onSet(null);
          return null;
        }
        let number = Number(plain.replace(',', '.')) * factor;
        if (system) {
          const read = readLength(plain, system);
          if (!read.ok) return read.message;
          number = read.mm;
        }
        if (!Number.isFinite(number) || number < least || number > most)
          return `${rest.label} is between ${say(least)} and ${say(most)}, or empty.`;
        onSet(number);
        return null;
      }}
    />
  );
}

export function Choice<T extends string>({
  label,
  hideLabel = false,
  value,
  options,
  onSet,
  className = '',
}: {
  label: string;
  hideLabel?: boolean;
  value: T;
  options: ReadonlyArray<readonly [T, string]>;
  onSet: (value: T) => void;
  className?: string;
}) {
  const id = useId();
  return (
    <div className={className}>
      <label htmlFor={id} className={hideLabel ? 'sr-only' : 'block text-soft'}>
        {label}
      </label>
      <select
        id={id}
        value={value}
        onChange={(e) => onSet(e.target.value as T)}
        className="w-full rounded-md border border-line bg-leaf px-2 py-1 hover:border-soft"
      >
        {options.map(([key, text]) => (
          <option key={key} value={key}>
            {text}
          </option>
        ))}
      </select>
    </div>
  );
}

/** A fact: its name to the left, its value to the right. */
export function Fact({ name, children }: { name: string; children: ReactNode }) {
  return (
    <div className="flex justify-between gap-4 py-0.5">
      <dt className="text-soft">{name}</dt>
      <dd className="text-right font-bold">{children}</dd>
    </div>
  );
}

export function Heading({ children }: { children: ReactNode }) {
  return <h3 className="mt-4 mb-1 font-sans text-sm font-bold text-soft">{children}</h3>;
}
