/** Photographs: made small enough in the window, sent, and then a row of the plan. */
import { nanoid } from 'nanoid';
import { set } from '@heronstone/core/model/change.ts';
import type { Photo } from '@heronstone/core/model/plan.ts';
import { api } from '../sync/api.ts';
import { commit } from './openPlan.ts';
import { notice, useStore } from './state.ts';
import { today } from './today.ts';

/** A file larger than this is not opened at all, bytes. */
const MOST_BYTES = 30_000_000;
/** Longest side that is kept, px: enough to read a label. */
const LONGEST = 1600;

/** What it shows: a supply, or a place (an opening of a unit). */
export type Shows = { supply: string } | { unit: string; slot: string };

/** Keeps a photograph. Says on the screen what is wrong with a file that is none, or too large. */
export async function keepPhoto(file: File, shows: Shows, caption = ''): Promise<boolean> {
  const { planId } = useStore.getState();
  if (!planId) return false;
  if (file.size > MOST_BYTES) {
    notice(
      `The photograph has ${Math.round(file.size / 1e6)} MB; at most ${MOST_BYTES / 1e6} MB are read. Take a smaller one.`,
      'error',
    );
    return false;
  }
  try {
    const { blob, width, height } = await smaller(file);
    const id = nanoid(12);
    const { type } = await api.keepPicture(planId, id, blob);
    return commit('Add a photograph', [
      set('photos', id, {
        id,
        supply: null,
        unit: null,
        slot: '',
        ...shows,
        type: type as Photo['type'],
        width,
        height,
        taken: today(),
        caption,
      }),
    ]);
  } catch (cause) {
    notice(cause instanceof Error ? cause.message : String(cause), 'error');
    return false;
  }
}

async function smaller(file: File): Promise<{ blob: Blob; width: number; height: number }> {
  let bitmap: ImageBitmap;
  try {
    bitmap = await createImageBitmap(file);
  } catch {
    throw new Error(`${file.name || 'The file'} is not a picture that can be shown; choose a JPEG, PNG or WebP file.`);
  }
  const scale = Math.min(1, LONGEST / Math.max(bitmap.width, bitmap.height));
  const [width, height] = [
    Math.max(1, Math.round(bitmap.width * scale)),
    Math.max(1, Math.round(bitmap.height * scale)),
  ];
  const canvas = new OffscreenCanvas(width, height);
  canvas.getContext('2d')!.drawImage(bitmap, 0, 0, width, height);
  bitmap.close();
  return { blob: await canvas.convertToBlob({ type: 'image/jpeg', quality: 0.85 }), width, height };
}
