/** QR codes as paths, for paper and screen alike. */
import QRCode from 'qrcode';

export interface QrPath {
  /** Modules along a side; the path is drawn in units of one module. */
  size: number;
  path: string;
}

/** The QR code of a text (error correction M) as an SVG path of its dark modules, row by row. */
export function qrPath(text: string): QrPath {
  const { modules } = QRCode.create(text, { errorCorrectionLevel: 'M' });
  const size = modules.size;
  let path = '';
  for (let row = 0; row < size; row++) {
    for (let column = 0; column < size; column++) {
      if (!modules.get(row, column)) continue;
      let run = 1;
      while (column + run < size && modules.get(row, column + run)) run++;
      path += `M${column} ${row}h${run}v1h-${run}z`;
      column += run;
    }
  }
  return { size, path };
}
