/** A name in the middle of a rectangle of a drawing: upright where that is longer, shortened to what there is room for. */
export function NameIn({
  name,
  x,
  y,
  width,
  height,
  px,
}: {
  name: string;
  x: number;
  y: number;
  width: number;
  height: number;
  /** One pixel in units of the drawing. */
  px: number;
}) {
  const upright = width < name.length * 6.2 * px && height > width;
  const letters = Math.floor((upright ? height : width) / (5.8 * px));
  const text = letters >= name.length ? name : letters > 3 ? `${name.slice(0, letters - 1)}…` : '';
  if (text === '' || (upright ? width : height) <= 11 * px) return null;
  const [cx, cy] = [x + width / 2, y + height / 2];
  return (
    <text
      x={cx}
      y={cy}
      dy="0.35em"
      textAnchor="middle"
      fontSize={11 * px}
      fill="var(--ink)"
      stroke="var(--leaf)"
      strokeWidth={3 * px}
      paintOrder="stroke"
      pointerEvents="none"
      transform={upright ? `rotate(-90 ${cx} ${cy})` : undefined}
    >
      {text}
    </text>
  );
}
