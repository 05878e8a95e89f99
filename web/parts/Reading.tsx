/** How a line of quick entry was read: name, form, what was understood, and with a dashed edge what was guessed. */
import { FORM_FACTS } from '@heronstone/core/fit/forms.ts';
import { formatSize, type UnitSystem } from '@heronstone/core/model/measure.ts';
import { plural } from '@heronstone/core/entry/guess.ts';
import type { ReadLine } from '@heronstone/core/entry/line.ts';

export function Reading({ read, system }: { read: ReadLine; system: UnitSystem }) {
  const { supply } = read;
  const many = supply.form && FORM_FACTS[supply.form].many;
  const size = [supply.length, supply.width, supply.thickness].filter(
    (v): v is number => v !== undefined && Number.isFinite(v),
  );
  return (
    <>
      {supply.name && <b>{supply.name}</b>}
      {many && <Chip>{many}</Chip>}
      {supply.category && supply.category !== many && <Chip>{supply.category}</Chip>}
      {size.length > 0 && !supply.sizeFrom && <Chip>{formatSize(size, system)}</Chip>}
      {read.understood.map((u) => (
        <Chip key={u}>{u}</Chip>
      ))}
      {read.holder && (
        <Chip>{`kept in ${read.holder.number === 1 ? `a ${read.holder.word}` : `${read.holder.number} ${plural(read.holder.word)}`}`}</Chip>
      )}
      {[...read.states.states, ...(read.states.season ? [read.states.season] : [])].map((s) => (
        <Chip key={s}>{s}</Chip>
      ))}
      {read.assumed.map((u) => (
        <span key={u} className="rounded-full border border-dashed border-soft px-2.5 text-soft" title="A guess">
          <span aria-hidden="true">≈ </span>
          <span className="sr-only">guessed: </span>
          {u}
        </span>
      ))}
      {read.missing.length > 0 && (
        <span className="font-bold text-lichen">Still needed: {read.missing.join(', ')}.</span>
      )}
      {read.doubts.map((d) => (
        <span key={d} className="font-bold text-lichen">
          {d}
        </span>
      ))}
      {read.problems.map((p) => (
        <span key={p} className="font-bold text-rust">
          {p}
        </span>
      ))}
    </>
  );
}

function Chip({ children }: { children: React.ReactNode }) {
  return <span className="rounded-full bg-wash px-2.5">{children}</span>;
}
