/**
 * A first evening as a maker tells it: what she makes, her room, her furniture and her things in her own words; and what a
 * person who knows the craft would take from every line, and insist on in the room. Invented; common practice, no source.
 */
export interface Evening {
  name: string;
  units: 'imperial' | 'centimetres';
  crafts: string;
  /** Across and from front to back, in feet or in centimetres. */
  room: string;
  furniture: string;
  /**
   * One thing a line: as it is typed | crafts that are right, by a part of their names ("*" all that share it, "?" one has
   * to ask) | from how many to how many a person would take it for | what it is kept in, where the line says so.
   */
  things: string;
  /** One fact a line, in the words that facts.ts reads. */
  facts: string;
}

export interface ExpectedThing {
  typed: string;
  crafts: readonly string[];
  least: number;
  most: number;
  holder: string | null;
}

/** The things of an evening, one by one. */
export const thingsOf = ({ things }: Evening): ExpectedThing[] =>
  linesOf(things).map((line) => {
    const [typed, crafts, count, holder] = line.split('|').map((c) => c.trim()) as [string, string, string, string?];
    const [least, most] = count.split('-').map(Number) as [number, number?];
    return { typed, crafts: crafts.split('/'), least, most: most ?? least, holder: holder || null };
  });

export const factsOf = ({ facts }: Evening): string[] => linesOf(facts);

const linesOf = (text: string): string[] =>
  text
    .split('\n')
    .map((l) => l.trim())
    .filter((l) => l !== '');
