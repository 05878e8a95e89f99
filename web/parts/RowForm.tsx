/** Fields of one row of the plan, from a short description of each; every field is one change of its own. */
import { type Measure } from '../ui/typed.ts';
import { set } from '@heronstone/core/model/change.ts';
import type { Finding } from '@heronstone/core/model/finding.ts';
import type { UnitSystem } from '@heronstone/core/model/measure.ts';
import type { Rows, TableName } from '@heronstone/core/model/plan.ts';
import { commit } from '../state/openPlan.ts';
import { select, useStore } from '../state/state.ts';
import { Button } from '../ui/Button.tsx';
import { Choice, LengthField, NumberField, OptionalField, TextField } from '../ui/Field.tsx';

type Keys<R, V> = { [K in keyof R & string]: R[K] extends V ? (V extends R[K] ? K : never) : never }[keyof R & string];
type KeysOf<R, V> = { [K in keyof R & string]: R[K] extends V ? K : never }[keyof R & string];

/** One field: what kind, which column, its label, and its limits or choices. */
export type FieldSpec<R> = { label: string; wide?: boolean; hint?: string } & (
  | { kind: 'length'; field: Keys<R, number>; least?: number; most?: number }
  | { kind: 'number'; field: Keys<R, number>; least: number; most: number; whole?: boolean }
  /** May be empty; `otherwise` says what holds then. */
  | {
      kind: 'optional';
      field: Keys<R, number | null>;
      otherwise: string;
      least: number;
      most: number;
      measure?: Measure;
    }
  | { kind: 'text'; field: Keys<R, string>; empty?: boolean }
  | { kind: 'choice'; field: KeysOf<R, string | null>; options: ReadonlyArray<readonly [string, string]> }
  | { kind: 'check'; field: Keys<R, boolean> }
  | { kind: 'many'; field: KeysOf<R, readonly string[]>; options: readonly string[] }
);

interface RowFormProps<T extends TableName> {
  table: T;
  row: Rows[T] & { id: string };
  /** How the log book calls it: "the door". */
  what: string;
  fields: ReadonlyArray<FieldSpec<Rows[T]>>;
  system: UnitSystem;
  /** What else is so once a field is typed. */
  along?: (field: string, value: unknown) => Partial<Rows[T]>;
}

export function RowForm<T extends TableName>({ table, row, what, fields, system, along }: RowFormProps<T>) {
  const values = row as unknown as Record<string, unknown>;
  const change = (spec: FieldSpec<Rows[T]>, value: unknown) =>
    commit(`${spec.label} of ${what}`, [
      set(table, row.id, { [spec.field]: value, ...along?.(spec.field, value) } as Partial<Rows[T]>),
    ]);
  return (
    <div className="grid grid-cols-2 gap-2">
      {fields.map((spec) => {
        const value = values[spec.field];
        const common = { label: spec.label, ...(spec.hint ? { hint: spec.hint } : {}) };
        const wide = spec.wide ? 'col-span-2' : '';
        switch (spec.kind) {
          case 'length':
            return (
              <LengthField
                key={spec.field}
                {...common}
                className={wide}
                system={system}
                value={value as number}
                least={spec.least ?? 0}
                most={spec.most ?? 20_000}
                onSet={(mm) => change(spec, mm)}
              />
            );
          case 'number':
            return (
              <NumberField
                key={spec.field}
                {...common}
                className={wide}
                value={value as number}
                least={spec.least}
                most={spec.most}
                whole={spec.whole ?? false}
                onSet={(n) => change(spec, n)}
              />
            );
          case 'optional':
            return (
              <OptionalField
                key={spec.field}
                {...common}
                className={wide}
                system={system}
                measure={spec.measure ?? 'length'}
                value={value as number | null}
                otherwise={spec.otherwise}
                least={spec.least}
                most={spec.most}
                onSet={(n) => change(spec, n)}
              />
            );
          case 'text':
            return (
              <TextField
                key={spec.field}
                {...common}
                className={wide || 'col-span-2'}
                value={value as string}
                empty={spec.empty ?? false}
                onSet={(text) => change(spec, text)}
              />
            );
          case 'choice':
            return (
              <Choice
                key={spec.field}
                label={spec.label}
                className={wide}
                value={(value as string | null) ?? ''}
                options={spec.options}
                onSet={(key) => change(spec, key === '' ? null : key)}
              />
            );
          case 'check':
            return (
              <label key={spec.field} className="col-span-2 flex items-center gap-2">
                <input type="checkbox" checked={value as boolean} onChange={(e) => change(spec, e.target.checked)} />
                {spec.label}
              </label>
            );
          case 'many':
            return (
              <fieldset key={spec.field} className="col-span-2">
                <legend className="text-soft">{spec.label}</legend>
                <div className="flex flex-wrap gap-x-4 gap-y-1">
                  {spec.options.map((option) => {
                    const list = value as readonly string[];
                    return (
                      <label key={option} className="flex items-center gap-1.5">
                        <input
                          type="checkbox"
                          checked={list.includes(option)}
                          onChange={(e) =>
                            change(spec, e.target.checked ? [...list, option] : list.filter((o) => o !== option))
                          }
                        />
                        {option}
                      </label>
                    );
                  })}
                </div>
              </fieldset>
            );
        }
      })}
    </div>
  );
}

const NO_FINDINGS: readonly Finding[] = [];

/** What the report has to say about one row. */
export function Problems({ table, id }: { table: TableName; id: string }) {
  const findings = useStore((s) => s.report?.findings ?? NO_FINDINGS);
  return findings
    .filter((f) => f.targets[0]?.table === table && f.targets[0].id === id)
    .map((f) => (
      <p
        key={f.code + f.message}
        role={f.severity === 'error' ? 'alert' : undefined}
        className={`mb-2 ${f.severity === 'error' ? 'font-bold text-rust' : 'text-lichen'}`}
      >
        {f.message}
        {f.severity === 'error' && <span className="font-normal"> It should be {f.expected}.</span>}
      </p>
    ));
}

/** The two buttons at the end of a sheet about one row. */
export function DoneOrRemove({ onRemove, what = '' }: { onRemove: () => void; what?: string }) {
  return (
    <div className="mt-4 flex gap-2">
      <Button onClick={() => select(null)}>Done</Button>
      <Button
        aria-label={what ? `Remove ${what}` : undefined}
        onClick={() => {
          onRemove();
          select(null);
        }}
      >
        Remove
      </Button>
    </div>
  );
}
