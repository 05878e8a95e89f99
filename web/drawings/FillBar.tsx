import type { Fill } from '@heronstone/core/report/evaluate.ts';

const TONE = { free: 'var(--w4)', comfortable: 'var(--w3)', full: 'var(--lichen)', over: 'var(--rust)' } as const;

/** The tide mark at the side of a front: fill as a water level, with a tick at the room to grow. Sizes in drawing units. */
export function FillBar({
  fill,
  x,
  y,
  width,
  height,
  grow,
}: {
  fill: Fill;
  x: number;
  y: number;
  width: number;
  height: number;
  grow: number;
}) {
  const level = Math.min(1, fill.share) * height;
  const line = y + height * grow;
  return (
    <g aria-hidden="true">
      <rect
        x={x}
        y={y}
        width={width}
        height={height}
        fill="var(--paper)"
        stroke="var(--line)"
        strokeWidth={width * 0.08}
      />
      <rect x={x} y={y + height - level} width={width} height={level} fill={TONE[fill.state]} />
      {fill.state === 'over' && (
        <path
          d={`M${x} ${y + width * 0.7}l${width / 2} ${-width * 0.6}l${width / 2} ${width * 0.6}`}
          fill="none"
          stroke="var(--leaf)"
          strokeWidth={width * 0.15}
        />
      )}
      <line x1={x - width * 0.4} x2={x + width} y1={line} y2={line} stroke="var(--reed)" strokeWidth={width * 0.18} />
    </g>
  );
}

export function fillWords(fill: Fill): string {
  const percent = Math.round(fill.share * 100);
  return fill.state === 'free'
    ? 'empty'
    : fill.state === 'comfortable'
      ? `${percent} % full, room to grow`
      : fill.state === 'full'
        ? `${percent} % full, no room to grow`
        : `${percent} %: overfull`;
}
