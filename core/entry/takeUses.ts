/** What a line says that a thing is for: ", cards 3x". */
import type { ReadLine } from './line.ts';

const USE = /^(?:for\s+)?([a-z][a-z'’ -]*?)\s+(\d+(?:[.,]\d+)?)\s*(?:x|×|times)(?:\s+(?:a|per|each)\s+session)?$/i;
/** Segments behind commas that are uses are taken out; the others stay part of the line. */
export function takeUses(
  line: string,
  activities: ReadonlyArray<{ id: string; name: string }>,
  read: ReadLine,
): string {
  const [first = '', ...more] = line.split(/,(?!\d)\s*|;\s*|,(?=\d+\s*(?:pcs|pieces)\b)/);
  const body = [first];
  for (const text of more.map((t) => t.trim()).filter((t) => t !== '')) {
    const match = USE.exec(text);
    const typed = (match?.[1] ?? text.replace(/^for\s+/i, '')).trim();
    const found = /\d/.test(typed) ? undefined : findActivity(typed, activities);
    if (!match && !found) {
      body.push(text);
      continue;
    }
    const fetches = match ? decimal(match[2]!) : 1;
    if (!found && activities.length > 0)
      read.problems.push(`“${typed}” is not one of the activities (${activities.map((a) => a.name).join(', ')}).`);
    if (!(fetches > 0 && fetches <= 500))
      read.problems.push(`“${fetches} times” is not how often one fetches in a session: above 0 and at most 500.`);
    read.understood.push(`${found?.name ?? typed}, ${fetches} ${fetches === 1 ? 'fetch' : 'fetches'} a session`);
    read.uses.push({ activity: typed, id: found?.id ?? null, fetches });
  }
  return body.join(' ; ');
}

function findActivity(typed: string, activities: ReadonlyArray<{ id: string; name: string }>) {
  const wanted = typed.toLowerCase();
  const begins = (text: string) => text.toLowerCase().startsWith(wanted);
  return (
    activities.find((a) => a.name.toLowerCase() === wanted) ??
    activities.find((a) => begins(a.name)) ??
    activities.find((a) => a.name.split(/[\s-]+/).some(begins))
  );
}

const decimal = (text: string) => Number(text.replace(',', '.'));
