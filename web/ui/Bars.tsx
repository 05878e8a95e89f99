/** A table whose rows are drawn as bars, today over planned; the number stands beside each, so that nothing hangs on colour. */
export interface BarRow {
  key: string;
  name: string;
  today: number | null;
  planned: number | null;
  onChoose?: () => void;
}

export function Bars({
  title,
  unit,
  rows,
  digits = 1,
}: {
  title: string;
  unit: string;
  rows: readonly BarRow[];
  digits?: number;
}) {
  const most = Math.max(1e-9, ...rows.flatMap((r) => [r.today ?? 0, r.planned ?? 0]));
  const both = rows.some((r) => r.today !== null) && rows.some((r) => r.planned !== null);
  return (
    <section aria-label={title} className="break-inside-avoid">
      <h3 className="mb-1 font-sans text-sm font-bold text-soft">
        {title}, {unit}
      </h3>
      <table className="w-full">
        <thead className="sr-only">
          <tr>
            <th>{title}</th>
            <th>Today and planned, {unit}</th>
          </tr>
        </thead>
        <tbody>
          {rows.map((r) => (
            <tr key={r.key} className="border-b border-line align-top">
              <th scope="row" className="w-[42%] py-1 pr-3 text-left font-normal">
                {r.onChoose ? (
                  <button type="button" className="min-h-6 text-left hover:underline" onClick={r.onChoose}>
                    {r.name}
                  </button>
                ) : (
                  r.name
                )}
              </th>
              <td className="py-1">
                {(['today', 'planned'] as const).map((which) =>
                  r[which] === null ? null : (
                    <div key={which} className="flex items-center gap-2">
                      {both && <span className="w-14 shrink-0 text-xs text-soft">{which}</span>}
                      <span className="h-2.5 grow">
                        <span
                          className={`block h-full rounded-r-full border border-ink ${which === 'today' ? 'bg-leaf' : 'bg-w2'}`}
                          style={{ width: `${Math.max(0.5, (100 * r[which]) / most)}%` }}
                        />
                      </span>
                      <b className="w-14 shrink-0 text-right">{r[which].toFixed(digits)}</b>
                    </div>
                  ),
                )}
              </td>
            </tr>
          ))}
        </tbody>
      </table>
    </section>
  );
}
