/** Curves by Chart.js, in the colours of the look; the same figures stand below in a table for who cannot see them. */
import {
  CategoryScale,
  Chart,
  Legend,
  LinearScale,
  LineController,
  LineElement,
  PointElement,
  Tooltip,
  type ChartOptions,
} from 'chart.js';
import { useEffect, useState } from 'react';
import { Line } from 'react-chartjs-2';

Chart.register(CategoryScale, Legend, LinearScale, LineController, LineElement, PointElement, Tooltip);

export interface CurveLine {
  name: string;
  values: ReadonlyArray<number | null>;
}

/** Lines are told apart by dashes and points, not by colour alone. */
const LOOKS = [
  { colour: '--soft', dash: [6, 4], point: 'rectRot' },
  { colour: '--w2', dash: [], point: 'circle' },
] as const;

/** The colours of the theme that is on; another one when it is switched. */
function useColours(): (name: string) => string {
  const [, again] = useState(0);
  useEffect(() => {
    const look = () => again((n) => n + 1);
    const watch = new MutationObserver(look);
    watch.observe(document.documentElement, { attributes: true, attributeFilter: ['data-theme'] });
    const dark = matchMedia('(prefers-color-scheme: dark)');
    dark.addEventListener('change', look);
    return () => {
      watch.disconnect();
      dark.removeEventListener('change', look);
    };
  }, []);
  return (name) => {
    // A custom property keeps light-dark(); the colour of an element has it worked out.
    const probe = document.createElement('i');
    probe.style.color = `var(${name})`;
    document.body.append(probe);
    const colour = getComputedStyle(probe).color;
    probe.remove();
    return colour;
  };
}

/**
 * @param along what stands along the bottom, one for each value
 * @param points whether each value is a point of its own; false for a long smooth run
 * @param at where each value stands along the bottom, where that is to scale
 * @param chosen the point that is drawn larger
 * @param onPick what a click on a point does
 * @param from where the upright axis begins
 */
export default function Curve({
  title,
  along,
  alongName,
  upName,
  lines,
  points = true,
  at,
  chosen = -1,
  onPick,
  from = 0,
}: {
  title: string;
  along: readonly string[];
  alongName: string;
  upName: string;
  lines: readonly CurveLine[];
  points?: boolean;
  at?: readonly number[];
  chosen?: number;
  onPick?: (at: number) => void;
  from?: number;
}) {
  const colour = useColours();
  const axis = (text: string) => ({
    title: { display: true, text, color: colour('--soft') },
    ticks: { color: colour('--soft'), maxTicksLimit: 8 },
    grid: { color: colour('--line') },
  });
  const options: ChartOptions<'line'> = {
    animation: false,
    maintainAspectRatio: false,
    interaction: { mode: 'index', intersect: false },
    font: { family: 'Atkinson Hyperlegible, system-ui, sans-serif' },
    plugins: {
      legend: { display: lines.length > 1, labels: { color: colour('--ink'), usePointStyle: true, boxHeight: 7 } },
      tooltip: { callbacks: { label: (item) => `${item.dataset.label}: ${(item.parsed.y ?? 0).toFixed(1)}` } },
    },
    scales: {
      x: at ? { type: 'linear' as const, ...axis(alongName) } : axis(alongName),
      y: { ...axis(upName), min: from },
    },
    ...(onPick ? { onClick: (_, [hit]) => hit && onPick(hit.index) } : {}),
  };
  const data = {
    labels: [...along],
    datasets: lines.map((line, i) => {
      const look = LOOKS[lines.length === 1 ? 1 : i % LOOKS.length]!;
      return {
        label: line.name,
        data: at ? line.values.map((y, n) => ({ x: at[n]!, y: y ?? NaN })) : [...line.values],
        borderColor: colour(look.colour),
        backgroundColor: colour(look.colour),
        borderDash: [...look.dash],
        borderWidth: 2,
        pointStyle: look.point,
        pointRadius: points ? along.map((_, n) => (n === chosen ? 8 : 4)) : 0,
        pointHitRadius: 12,
      };
    }),
  };
  return (
    <figure className="break-inside-avoid">
      <figcaption className="mb-1 text-sm font-bold text-soft">{title}</figcaption>
      <div className="h-56" aria-hidden="true">
        <Line data={data} options={options} />
      </div>
      <table className="sr-only" aria-label={title}>
        <thead>
          <tr>
            <th>{alongName}</th>
            {lines.map((line) => (
              <th key={line.name}>
                {line.name}, {upName}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {along.map((at, i) => (
            <tr key={at}>
              <th scope="row">{at}</th>
              {lines.map((line) => (
                <td key={line.name}>{line.values[i]?.toFixed(1) ?? ''}</td>
              ))}
            </tr>
          ))}
        </tbody>
      </table>
    </figure>
  );
}
