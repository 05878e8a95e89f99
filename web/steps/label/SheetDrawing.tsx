/** A sheet of labels as it comes out of the printer. */
import type { LabelSheet, LaidLabel } from '@heronstone/core/formats/labels.ts';

export function SheetDrawing({ sheet, labels }: { sheet: LabelSheet; labels: readonly LaidLabel[] }) {
  const { page, label } = sheet;
  return (
    <svg
      viewBox={`-4 -4 ${page.width + 8} ${page.height + 8}`}
      className="mx-auto h-full max-w-full"
      role="img"
      aria-label={`Label sheet with ${labels.length} ${labels.length === 1 ? 'label' : 'labels'}`}
    >
      <rect width={page.width} height={page.height} fill="#fff" stroke="var(--line)" strokeWidth="0.6" />
      {labels.map((l) => (
        <g key={`${l.compartment} ${l.side}`} transform={`translate(${l.x} ${l.y})`} fill="#24323b">
          <rect width={label.width} height={label.height} fill="none" stroke="#bdb5a5" strokeWidth="0.25" />
          {l.layout.texts.map((t) => (
            <text key={`${t.kind} ${t.y}`} x={t.x} y={t.y} fontSize={t.size} fontWeight={t.bold ? 700 : 400}>
              {t.text}
            </text>
          ))}
          {l.layout.swatches.map((s) => (
            <rect
              key={s.colour}
              x={s.x}
              y={s.y}
              width={s.side}
              height={s.side}
              fill={s.colour}
              stroke="#bdb5a5"
              strokeWidth="0.1"
            />
          ))}
          {l.code && l.layout.code && (
            <path
              d={l.code.path}
              transform={`translate(${l.layout.code.x} ${l.layout.code.y}) scale(${l.layout.code.side / l.code.size})`}
            />
          )}
        </g>
      ))}
    </svg>
  );
}
