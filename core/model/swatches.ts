/** Colours as they are shown for a word. */

/** Colours of swatches by their words; a general palette of our own. */
export const SWATCH: Readonly<Record<string, string>> = {
  red: '#b8342b',
  pink: '#d98aa0',
  magenta: '#b0417f',
  orange: '#d9822b',
  yellow: '#e3c035',
  lime: '#a3b840',
  olive: '#7c7a35',
  green: '#5d8a4a',
  teal: '#2f7f80',
  turquoise: '#4aa6a5',
  blue: '#3f6fa3',
  navy: '#24385e',
  violet: '#7a5a9a',
  purple: '#7a5a9a',
  lilac: '#b39cc9',
  brown: '#7d5a3c',
  beige: '#d8c7a6',
  cream: '#efe3c4',
  gray: '#8a8f94',
  black: '#222222',
  grey: '#8a8f94',
  white: '#f4f1ea',
  copper: '#b06a3b',
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
