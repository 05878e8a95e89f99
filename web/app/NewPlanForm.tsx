/** What a new plan needs to begin with: a name, and in what its maker measures. */
import { zodResolver } from '@hookform/resolvers/zod';
import { useEffect } from 'react';
import { useForm } from 'react-hook-form';
import { z } from 'zod';
import { MetaSchema } from '@heronstone/core/model/plan.ts';
import { Button } from '../ui/Button.tsx';

const UNNAMED = 'My craft room';
const UNITS = [
  ['centimetres', 'centimetres'],
  ['metric', 'millimetres'],
  ['imperial', 'feet and inches'],
] as const;

/** What a new plan needs: a name, as the plan has it, or the usual one, and in what one measures. */
const NewPlan = z.object({
  name: z
    .string()
    .transform((text) => text.trim() || UNNAMED)
    .pipe(MetaSchema.shape.name),
  units: MetaSchema.shape.units,
});

/** Where people measure in feet and inches, by the browser's language; elsewhere in millimetres, as furniture is sold. */
const usualUnits = (): 'imperial' | 'metric' => (/-(?:US|LR|MM)$/i.test(navigator.language) ? 'imperial' : 'metric');

/** @param first whether there is no plan yet: then one begins to type at once */
export function NewPlanForm({
  first,
  onCreate,
}: {
  first: boolean;
  onCreate: (plan: z.output<typeof NewPlan>) => void;
}) {
  const form = useForm({
    resolver: zodResolver(NewPlan),
    defaultValues: { name: '', units: usualUnits() },
  });
  const wrong = form.formState.errors.name?.message;
  const { setFocus } = form;
  useEffect(() => {
    if (first) setFocus('name');
  }, [first, setFocus]);
  return (
    <form className="flex flex-wrap items-end gap-4" onSubmit={(e) => void form.handleSubmit(onCreate)(e)}>
      <label className="min-w-0 grow">
        <span className="block text-soft">Name of the plan</span>
        <input
          {...form.register('name')}
          placeholder={UNNAMED}
          aria-invalid={wrong !== undefined}
          className="w-full rounded-md border border-line bg-paper px-2 py-1.5"
        />
        {wrong !== undefined && (
          <span role="alert" className="text-xs text-rust">
            {wrong}
          </span>
        )}
      </label>
      <fieldset className="flex flex-wrap gap-x-3 pb-1">
        <legend className="text-soft">I measure in</legend>
        {UNITS.map(([key, words]) => (
          <label key={key} className="flex items-center gap-1.5">
            <input type="radio" value={key} {...form.register('units')} />
            {words}
          </label>
        ))}
      </fieldset>
      <Button look="main" type="submit">
        Create plan
      </Button>
    </form>
  );
}
