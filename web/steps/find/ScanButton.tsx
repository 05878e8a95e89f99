/** The code of a label, from a picture just taken or a file: opens its place. */
import jsQR from 'jsqr';
import { useRef } from 'react';
import { notice } from '../../state/state.ts';
import { Button } from '../../ui/Button.tsx';

/** Pictures are made at most so large before they are read, px. */
const LARGEST = 1600;

export function ScanButton({ onPlace }: { onPlace: (compartment: string) => void }) {
  const input = useRef<HTMLInputElement>(null);
  const read = async (file: File | undefined) => {
    if (!file) return;
    try {
      const bitmap = await createImageBitmap(file);
      const scale = Math.min(1, LARGEST / Math.max(bitmap.width, bitmap.height));
      const [w, h] = [Math.round(bitmap.width * scale), Math.round(bitmap.height * scale)];
      const context = new OffscreenCanvas(w, h).getContext('2d')!;
      context.drawImage(bitmap, 0, 0, w, h);
      const code = jsQR(context.getImageData(0, 0, w, h).data, w, h);
      const place = code && URL.canParse(code.data) ? new URL(code.data).searchParams.get('place') : null;
      if (place) onPlace(place);
      else
        notice(
          code
            ? 'This code is not one of a label of a place.'
            : 'No code was found in this picture. Take it from nearer, straight on.',
          'error',
        );
    } catch {
      notice(`${file.name} is not a picture that can be read; choose a JPEG, PNG or WebP file.`, 'error');
    }
  };
  return (
    <div className="mt-2">
      <input
        ref={input}
        type="file"
        accept="image/*"
        capture="environment"
        className="sr-only"
        aria-label="Picture of a label"
        tabIndex={-1}
        onChange={(e) => {
          void read(e.target.files?.[0]);
          e.target.value = '';
        }}
      />
      <Button className="min-h-11" onClick={() => input.current?.click()}>
        Scan a label
      </Button>
    </div>
  );
}
