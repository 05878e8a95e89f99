/** Fields that keep what is typed until it is right: an error stays beside the field, Escape brings the old value back. */
import { zodResolver } from '@hookform/resolvers/zod';
import { useEffect, useId, type ReactNode } from 'react';
import { useController, useForm } from 'react-hook-form';
import { z } from 'zod';
import type { UnitSystem } from '@heronstone/core/model/measure.ts';
import { writeLength, writeNumber } from '@heronstone/core/model/written.ts';
import { useUntilPointerUp } from './pointer.ts';
import { Select } from './Select.tsx';
import { readsLength, readsNumber, measured, readsOptional, type Measure, readsText, type Reads } from './typed.ts';

interface Common {
  label: string;
  hideLabel?: boolean;
  className?: string;
  hint?: string;
}

/** A form of one field: Enter and leaving it send it, a value that changes elsewhere shows unless something is typed. */
function DraftField<V>({
  label,
  hideLabel = false,
  value,
  reads,
  onSet,
  inputMode = 'text',
  className = '',
  hint,
  placeholder,
}: Common & {
  /** What is kept, as text. */
  value: string;
  reads: Reads<V>;
  onSet: (value: V) => void;
  inputMode?: 'text' | 'decimal';
  placeholder?: string;
}) {
  const id = useId();
  const form = useForm<{ text: string }, unknown, { text: V }>({
    defaultValues: { text: value },
    reValidateMode: 'onSubmit',
    resolver: zodResolver(z.object({ text: reads })),
  });
  const { field, fieldState } = useController({ control: form.control, name: 'text' });
  const wrong = fieldState.error?.message;
  const shown = useUntilPointerUp(wrong);
  const { reset } = form;
  const { isDirty } = fieldState;
  useEffect(() => {
    if (!isDirty) reset({ text: value });
  }, [value, isDirty, reset]);
  const leave = () => reset({ text: value });
  const send = () => {
    if (field.value === value) leave();
    else
      void form.handleSubmit(({ text }) => {
        leave();
        onSet(text);
      })();
  };
  return (
    <div className={className}>
      <label htmlFor={id} className={hideLabel ? 'sr-only' : 'block text-soft'}>
        {label}
      </label>
      <input
        id={id}
        inputMode={inputMode}
        placeholder={placeholder}
        autoComplete="off"
        aria-invalid={wrong !== undefined}
        data-kept={isDirty ? undefined : ''}
        aria-describedby={shown !== undefined ? `${id}-error` : hint ? `${id}-hint` : undefined}
        {...field}
        onBlur={send}
        onKeyDown={(e) => {
          if (e.key === 'Enter') send();
          if (e.key === 'Escape') {
            leave();
            e.stopPropagation();
          }
        }}
        className={`w-full rounded-md border bg-leaf px-2 py-1 ${wrong !== undefined ? 'border-rust' : 'border-line hover:border-soft'}`}
      />
      {hint && shown === undefined && (
        <p id={`${id}-hint`} className="text-xs text-soft">
          {hint}
        </p>
      )}
      {shown !== undefined && (
        <p id={`${id}-error`} role="alert" className="text-xs text-rust">
          {shown}
        </p>
      )}
    </div>
  );
}

export function TextField({
  value,
  onSet,
  empty = false,
  ...rest
}: Common & { value: string; onSet: (value: string) => void; empty?: boolean }) {
  return <DraftField {...rest} value={value} reads={readsText(empty)} onSet={onSet} />;
}

/** A length in the plan's measures; `least` and `most` in mm. */
export function LengthField({
  value,
  onSet,
  system,
  least = 0,
  most = 20_000,
  feet = false,
  ...rest
}: Common & {
  value: number;
  onSet: (mm: number) => void;
  system: UnitSystem;
  least?: number;
  most?: number;
  /** Of a room: a bare number is feet in a plan in feet. */
  feet?: boolean;
}) {
  return (
    <DraftField
      {...rest}
      inputMode={system !== 'imperial' ? 'decimal' : 'text'}
      value={writeLength(value, system)}
      reads={readsLength(rest.label, system, least, most, feet)}
      onSet={onSet}
    />
  );
}

export function NumberField({
  value,
  onSet,
  least,
  most,
  whole = false,
  none,
  ...rest
}: Common & {
  value: number;
  onSet: (value: number) => void;
  least: number;
  most: number;
  whole?: boolean;
  /** What is said of 0, where that is no such number. */
  none?: string;
}) {
  return (
    <DraftField
      {...rest}
      inputMode="decimal"
      value={writeNumber(value)}
      reads={readsNumber(rest.label, least, most, whole, none)}
      onSet={onSet}
    />
  );
}

/** A length or number that may be left empty; the placeholder says what holds then. */
export function OptionalField({
  value,
  onSet,
  system,
  measure = 'length',
  otherwise,
  least,
  most,
  ...rest
}: Common & {
  value: number | null;
  onSet: (value: number | null) => void;
  system: UnitSystem;
  measure?: Measure;
  otherwise: string;
  least: number;
  most: number;
}) {
  return (
    <DraftField
      {...rest}
      placeholder={otherwise}
      inputMode={measure === 'number' ? 'decimal' : 'text'}
      value={value === null ? '' : measured(measure, value, system)}
      reads={readsOptional(rest.label, measure, system, least, most)}
      onSet={onSet}
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
      <Select id={id} value={value} options={options} onSet={onSet} />
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
