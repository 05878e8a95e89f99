/** Colours as they are shown for a word. */

/** Colours of swatches by their words; a general palette of our own. */
export const SWATCH: Readonly<Record<string, string>> = {
  red: '#b8342b',
  pink: '#d98aa0',
  orange: '#d9822b',
  yellow: '#e3c035',
  green: '#5d8a4a',
  blue: '#3f6fa3',
  violet: '#7a5a9a',
  purple: '#7a5a9a',
  brown: '#7d5a3c',
  black: '#222222',
  grey: '#8a8f94',
  white: '#f4f1ea',
  gold: '#b8943c',
  silver: '#b5b8bb',
};

/** The swatch of a colour word ("dark red" is a red); null for one that the palette does not have. */
export function swatchOf(colour: string): string | null {
  for (const word of colour
    .toLowerCase()
    .split(/[^a-z]+/)
    .reverse())
    if (SWATCH[word]) return SWATCH[word];
  return null;
}
