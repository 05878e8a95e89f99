/** The fonts that a PDF carries along. */
import regular from '@expo-google-fonts/atkinson-hyperlegible/400Regular/AtkinsonHyperlegible_400Regular.ttf?url';
import bold from '@expo-google-fonts/atkinson-hyperlegible/700Bold/AtkinsonHyperlegible_700Bold.ttf?url';
import wide from 'dejavu-fonts-ttf/ttf/DejaVuSansCondensed.ttf?url';

/** @returns the bytes of each */
export async function fonts() {
  const [r, b, w] = await Promise.all(
    [regular, bold, wide].map(async (url) => new Uint8Array(await (await fetch(url)).arrayBuffer())),
  );
  return { regular: r!, bold: b!, wide: w! };
}
