'use client';

import {
  Chart,
  Legend,
  LinearScale,
  LineController,
  LineElement,
  PointElement,
  Tooltip,
  type ChartOptions,
} from 'chart.js';
import { Line } from 'react-chartjs-2';
import { look } from '../theme/tokens';
import './chart-look';

Chart.register(LineController, LineElement, PointElement, LinearScale, Tooltip, Legend);

export interface ChartLine {
  label: string;
  points: readonly { x: number; y: number }[];
  /** Drawn with dashes, as a sign besides its colour. */
  dashed?: boolean;
}

interface LineChartProps {
  /** What the chart shows, for those who do not see it. */
  label: string;
  lines: readonly ChartLine[];
  x: { label: string; least: number; most: number };
  y: { label: string };
}

/** Straight lines over a width in px, with what they come to at the pointer. */
export function LineChart({ label, lines, x, y }: LineChartProps) {
  const grid = { color: look.line, tickColor: look.line };
  const options: ChartOptions<'line'> = {
    maintainAspectRatio: false,
    parsing: false,
    interaction: { mode: 'index', intersect: false },
    scales: {
      x: { type: 'linear', min: x.least, max: x.most, title: { display: true, text: x.label }, grid },
      y: { type: 'linear', title: { display: true, text: y.label }, grid, grace: '10%' },
    },
    plugins: {
      legend: { display: lines.length > 1, position: 'bottom' },
      tooltip: {
        displayColors: false,
        callbacks: {
          title: (items) => `${Math.round(items[0]!.parsed.x ?? 0)} px wide`,
          label: (item) => `${item.dataset.label}: ${(item.parsed.y ?? 0).toFixed(2)} px`,
        },
      },
    },
  };
  const datasets = lines.map((line, index) => ({
    label: line.label,
    data: line.points.map((point) => ({ ...point })),
    borderColor: index === 0 ? look.copper : look.ink,
    borderWidth: 2,
    borderDash: line.dashed ? [5, 4] : [],
    pointRadius: 0,
    pointHitRadius: 12,
    tension: 0,
  }));
  return <Line aria-label={label} role="img" options={options} data={{ datasets }} />;
}
