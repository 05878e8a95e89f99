/** Which bytes are a picture that can be kept: looked at, not believed. */

/** Largest picture that is kept; the window makes photographs smaller before it sends them. */
export const PICTURE_LIMIT = '12mb';

const STARTS: ReadonlyArray<readonly [type: string, at: number, bytes: readonly number[]]> = [
  ['image/jpeg', 0, [0xff, 0xd8, 0xff]],
  ['image/png', 0, [0x89, 0x50, 0x4e, 0x47, 0x0d, 0x0a, 0x1a, 0x0a]],
  ['image/webp', 8, [0x57, 0x45, 0x42, 0x50]],
];

/** The type of a picture by its first bytes, or null when it is none that browsers show. */
export function pictureType(data: Uint8Array): string | null {
  return STARTS.find(([, at, bytes]) => bytes.every((b, i) => data[at + i] === b))?.[0] ?? null;
}
