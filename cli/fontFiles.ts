/** Reads the label fonts from the installed packages. */
import { readFileSync } from 'node:fs';
import { createRequire } from 'node:module';
import type { LabelFonts } from '@heronstone/core/formats/labelsPdf.ts';

const require = createRequire(import.meta.url);

export function labelFonts(): LabelFonts {
  const read = (file: string) => new Uint8Array(readFileSync(require.resolve(file)));
  return {
    regular: read('@expo-google-fonts/atkinson-hyperlegible/400Regular/AtkinsonHyperlegible_400Regular.ttf'),
    bold: read('@expo-google-fonts/atkinson-hyperlegible/700Bold/AtkinsonHyperlegible_700Bold.ttf'),
    wide: read('dejavu-fonts-ttf/ttf/DejaVuSansCondensed.ttf'),
  };
}
