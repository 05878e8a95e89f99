/** The fonts of labels and of the binder, read from the installed packages. */
import { readFileSync } from 'node:fs';
import { createRequire } from 'node:module';
import type { LabelFonts } from '../formats/labelsPdf.ts';

const require = createRequire(import.meta.url);
const font = (file: string) => new Uint8Array(readFileSync(require.resolve(file)));

export const FONTS: LabelFonts = {
  regular: font('@expo-google-fonts/atkinson-hyperlegible/400Regular/AtkinsonHyperlegible_400Regular.ttf'),
  bold: font('@expo-google-fonts/atkinson-hyperlegible/700Bold/AtkinsonHyperlegible_700Bold.ttf'),
  wide: font('dejavu-fonts-ttf/ttf/DejaVuSansCondensed.ttf'),
};
