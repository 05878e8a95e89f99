import type { ReactNode } from 'react';

/** The side sheet: a title, a line below it, and what is known and can be done. */
export function Sheet({ title, line, children }: { title: string; line?: ReactNode; children?: ReactNode }) {
  return (
    <aside
      aria-label={title}
      className="flex min-h-0 w-full flex-col border-line bg-leaf md:w-[316px] md:shrink-0 md:border-l"
    >
      <div
        className="min-h-0 grow overflow-y-auto px-5 py-5"
        tabIndex={0}
        role="region"
        aria-label={`${title}, details`}
      >
        <h2 className="text-xl leading-7">{title}</h2>
        {line && <p className="text-soft">{line}</p>}
        <div className="mt-3">{children}</div>
      </div>
    </aside>
  );
}

/** The empty state of a step: what comes next. */
export function NextStep({ title, children }: { title: string; children: ReactNode }) {
  return (
    <div className="m-auto max-w-md p-8 text-center">
      <svg viewBox="-50 -50 100 100" className="mx-auto mb-4 w-28" aria-hidden="true">
        {[44, 32, 20].map((r, i) => (
          <ellipse key={r} rx={r} ry={r * 0.55} fill="none" stroke={`var(--w${4 - i})`} strokeWidth={1 + i * 0.4} />
        ))}
        <ellipse rx="9" ry="5" fill="var(--w1)" />
      </svg>
      <h2 className="mb-2 text-2xl">{title}</h2>
      <div className="text-soft">{children}</div>
    </div>
  );
}
