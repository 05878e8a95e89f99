import { Camera } from 'lucide-react';
import { remove } from '@heronstone/core/model/change.ts';
import { keepPhoto, type Shows } from '../state/picture.ts';
import { commit } from '../state/openPlan.ts';
import { useStore } from '../state/state.ts';

/** The photographs of a thing or a place, and one more. */
export function Photos({ shows, what }: { shows: Shows; what: string }) {
  const plan = useStore((s) => s.plan)!;
  const photos = Object.values(plan.photos).filter((p) =>
    'supply' in shows ? p.supply === shows.supply : p.unit === shows.unit && p.slot === shows.slot,
  );
  return (
    <div className="mt-2 flex flex-wrap items-center gap-2">
      {photos.map((p) => (
        <figure key={p.id} className="relative">
          <a href={`/api/plans/${plan.meta.id}/pictures/${p.id}`} target="_blank" rel="noreferrer">
            <img
              src={`/api/plans/${plan.meta.id}/pictures/${p.id}`}
              alt={p.caption || `${what}${p.taken ? `, ${p.taken}` : ''}`}
              className="h-20 w-auto rounded-lg border border-line object-cover"
              loading="lazy"
            />
          </a>
          <button
            type="button"
            aria-label={`Take this photograph of ${what} away`}
            onClick={() => commit('Take a photograph away', [remove('photos', p.id)])}
            className="absolute top-1 right-1 size-6 rounded-full bg-leaf text-base leading-5 shadow"
          >
            ×
          </button>
        </figure>
      ))}
      <label className="inline-flex min-h-9 cursor-pointer items-center gap-2 rounded-full border border-ink px-4 focus-within:outline-2 hover:bg-wash">
        <Camera size={16} aria-hidden="true" />
        {photos.length === 0 ? 'Add a photograph' : 'One more'}
        <input
          type="file"
          accept="image/*"
          capture="environment"
          className="sr-only"
          aria-label={`Photograph of ${what}`}
          onChange={(e) => {
            const file = e.target.files?.[0];
            e.target.value = '';
            if (file) void keepPhoto(file, shows);
          }}
        />
      </label>
    </div>
  );
}
