import { useStore } from '../../state/state.ts';
import { formatLength } from '@heronstone/core/model/measure.ts';
import type { Strip } from '@heronstone/core/formats/labelsSvg.ts';

/** What a strip printer would put out: a simulation, each strip in its true proportions. */
export function Strips({ strips }: { strips: readonly Strip[] }) {
  const system = useStore((s) => s.plan!.meta.units);
  return (
    <ul aria-label="Strips" className="min-h-0 grow overflow-y-auto" tabIndex={0}>
      {strips.map((s, i) => (
        <li key={i} className="mb-2">
          <svg
            viewBox={`0 0 ${s.length} ${s.width}`}
            style={{ width: `${Math.min(100, s.length * 0.9)}%`, maxWidth: `${s.length * 4}px` }}
            role="img"
            aria-label={`Strip of ${formatLength(Math.round(s.length), system)}: ${s.lines.map((l) => l.text).join(', ')}`}
            className="rounded border border-line bg-white"
          >
            {s.code && (
              <path
                d={s.code.path}
                fill="#24323b"
                transform={`translate(3 ${(s.width - s.codeSide) / 2}) scale(${s.codeSide / s.code.size})`}
              />
            )}
            {s.lines.map((l) => (
              <text key={l.y} x={l.x} y={l.y} fontSize={l.size} fill="#24323b">
                {l.text}
              </text>
            ))}
          </svg>
        </li>
      ))}
    </ul>
  );
}
