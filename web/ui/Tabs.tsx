/** A row of tabs with the double line of the chosen one below. */
export function Tabs<T extends string>({
  label,
  tabs,
  value,
  onChoose,
}: {
  label: string;
  tabs: ReadonlyArray<readonly [T, string]>;
  value: T;
  onChoose: (key: T) => void;
}) {
  return (
    <div role="tablist" aria-label={label} className="noprint mb-3 flex shrink-0 gap-5 overflow-x-auto text-[15px]">
      {tabs.map(([key, title]) => (
        <button
          key={key}
          type="button"
          role="tab"
          aria-selected={value === key}
          onClick={() => onChoose(key)}
          className={`shrink-0 border-b-4 border-double pb-1 max-md:min-h-9 ${value === key ? 'border-ink font-bold' : 'border-transparent text-soft hover:text-ink'}`}
        >
          {title}
        </button>
      ))}
    </div>
  );
}
