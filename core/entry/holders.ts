/** What things are kept and bought in: boxes, jars, bags. How large each usually is; common practice, no source. */

export interface Holder {
  /** Outside, mm. */
  size: readonly [length: number, width: number, height: number];
  /** Litres inside. */
  litres: number;
  /** Whether its size is known well enough to reckon from; "a box" can be any. */
  sized: boolean;
  round: boolean;
}

const holder = (size: Holder['size'], litres: number, sized = true, round = false): Holder => ({
  size,
  litres,
  sized,
  round,
});

/** By its word in the singular. */
const HOLDERS: ReadonlyMap<string, Holder> = new Map([
  ['shoebox', holder([330, 200, 120], 7)],
  ['shoe box', holder([330, 200, 120], 7)],
  ['boot box', holder([500, 330, 130], 20)],
  ['banana box', holder([540, 390, 240], 45)],
  ['moving box', holder([600, 350, 350], 65)],
  ['biscuit tin', holder([220, 200, 80], 3)],
  ['cookie tin', holder([220, 200, 80], 3)],
  ['coffee can', holder([170, 130, 130], 1.8, true, true)],
  ['carrier bag', holder([400, 300, 120], 12)],
  ['shopping bag', holder([400, 300, 120], 12)],
  ['grocery bag', holder([400, 300, 120], 12)],
  ['trash bag', holder([700, 450, 400], 60)],
  ['bin bag', holder([700, 450, 400], 60)],
  ['bin liner', holder([700, 450, 400], 60)],
  ['suitcase', holder([650, 450, 250], 60)],
  ['bucket', holder([300, 280, 280], 10, true, true)],
  ['laundry basket', holder([600, 400, 300], 45)],
  ['basket', holder([380, 280, 200], 15)],
  ['crate', holder([400, 300, 220], 20)],
  ['tote', holder([500, 350, 250], 35)],
  ['bin', holder([380, 280, 200], 15)],
  ['drawer', holder([380, 300, 100], 9)],
  ['tray', holder([380, 280, 50], 4)],
  ['bowl', holder([200, 200, 90], 1.5, true, true)],
  ['dish', holder([120, 120, 40], 0.25, true, true)],
  ['tool roll', holder([300, 100, 60], 1, false)],
  ['jam jar', holder([120, 75, 75], 0.4, true, true)],
  ['mug', holder([100, 90, 90], 0.35, true, true)],
  ['cup', holder([90, 80, 80], 0.25, true, true)],
  ['sandwich bag', holder([180, 160, 25], 0.5)],
  ['jar', holder([130, 85, 85], 0.5, false, true)],
  ['pot', holder([90, 75, 75], 0.25, false, true)],
  ['tub', holder([150, 110, 110], 1, false, true)],
  ['tin', holder([180, 130, 70], 1, false)],
  ['can', holder([150, 90, 90], 0.7, false, true)],
  ['bottle', holder([180, 70, 70], 0.5, false, true)],
  ['vial', holder([60, 18, 18], 0.01, false, true)],
  ['box', holder([200, 140, 80], 1.5, false)],
  ['bag', holder([250, 180, 60], 1.5, false)],
  ['pouch', holder([200, 140, 20], 0.4, false)],
  ['pack', holder([150, 110, 15], 0.2, false)],
  ['packet', holder([150, 110, 15], 0.2, false)],
  ['package', holder([200, 140, 40], 0.8, false)],
  ['case', holder([280, 200, 60], 2.5, false)],
  ['bundle', holder([250, 180, 60], 1.5, false)],
  ['zip bag', holder([180, 130, 15], 0.2)],
  ['mason jar', holder([130, 80, 80], 0.5, true, true)],
  ['caddy', holder([330, 180, 200], 6)],
  ['pocket', holder([180, 130, 3], 0.1, false)],
  ['sleeve', holder([180, 130, 3], 0.1, false)],
  ['folder', holder([310, 240, 15], 1, false)],
  ['binder', holder([310, 290, 60], 3, false)],
  ['envelope', holder([230, 160, 5], 0.1, false)],
  ['wallet', holder([240, 170, 25], 0.5, false)],
  ['container', holder([150, 110, 60], 0.6, false)],
  ['organizer', holder([280, 190, 45], 1.5, false)],
  ['organiser', holder([280, 190, 45], 1.5, false)],
  ['baggie', holder([180, 160, 25], 0.5, false)],
  ['carton', holder([300, 200, 150], 8, false)],
]);

/** Every word for one, longest first, for a pattern; plurals are made with an s or es. */
export const HOLDER_WORDS: string = [...HOLDERS.keys()]
  .sort((a, b) => b.length - a.length)
  .map((w) => w.replace(/ /g, String.raw`[\s-]+`) + (/[xs]$/.test(w) ? '(?:es)?' : 's?'))
  .join('|');

/** The holder that a word names, in the singular or plural. */
export function holderOf(word: string): { word: string; holder: Holder; many: boolean } {
  const plain = word.toLowerCase().replace(/[\s-]+/g, ' ');
  const one = HOLDERS.has(plain) ? plain : plain.replace(/(x|s)es$/, '$1').replace(/s$/, '');
  const known = HOLDERS.has(one) ? one : plain.replace(/s$/, '');
  return { word: known, holder: HOLDERS.get(known)!, many: known !== plain };
}
