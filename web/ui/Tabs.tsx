/** Tabs: a row of titles with a double line under the chosen one, and the panel it opens. Arrow keys, Home and End are Radix's. */
import { Tabs as Radix } from 'radix-ui';
import type { ReactNode } from 'react';

/** Titles and panel belong together; between them anything may stand. It takes no room of its own in the layout. */
export function Tabs<T extends string>({
  value,
  onChoose,
  children,
}: {
  value: T;
  onChoose: (key: T) => void;
  children: ReactNode;
}) {
  return (
    <Radix.Root value={value} onValueChange={(key) => onChoose(key as T)} className="contents">
      {children}
    </Radix.Root>
  );
}

export function TabTitles<T extends string>({
  label,
  tabs,
  className = 'mb-3',
}: {
  label: string;
  tabs: ReadonlyArray<readonly [T, string]>;
  className?: string;
}) {
  return (
    <Radix.List
      aria-label={label}
      className={`noprint flex shrink-0 gap-5 overflow-x-auto px-1 pt-1 text-[15px] ${className}`}
    >
      {tabs.map(([key, title]) => (
        <Radix.Trigger
          key={key}
          value={key}
          className="shrink-0 border-b-4 border-double border-transparent pb-1 text-soft hover:text-ink max-md:min-h-9 data-[state=active]:border-ink data-[state=active]:font-bold data-[state=active]:text-ink focus-visible:-outline-offset-2"
        >
          {title}
        </Radix.Trigger>
      ))}
    </Radix.List>
  );
}

/** The panel of the tab that is chosen. */
export function TabPanel({
  value,
  className = '',
  children,
}: {
  value: string;
  className?: string;
  children: ReactNode;
}) {
  return (
    <Radix.Content value={value} className={className}>
      {children}
    </Radix.Content>
  );
}
