'use client';

import {
  Chart,
  Filler,
  Legend,
  LinearScale,
  LineController,
  LineElement,
  PointElement,
  type ChartData,
  type ChartOptions,
} from 'chart.js';
import { useMemo } from 'react';
import { Line } from 'react-chartjs-2';
import { look } from '../theme/tokens';
import './chart-look';

Chart.register(LineController, LineElement, PointElement, LinearScale, Filler, Legend);

export interface ChartPoint {
  x: number;
  y: number;
}

interface RoomChartProps {
  /** What the chart shows, for those who do not see it. */
  label: string;
  available: { label: string; points: readonly ChartPoint[] };
  /** What is needed, as a band between two lines. */
  least: { label: string; points: readonly ChartPoint[] };
  most: { label: string; points: readonly ChartPoint[] };
  /** The upper edges of what stands in it, each on top of the one before. */
  parts: readonly (readonly ChartPoint[])[];
  /** Widths at which something changes. */
  changes: readonly number[];
  x: { label: string; least: number; most: number };
  y: { label: string };
  /** The width that is read out. */
  at: number;
  onAt(width: number): void;
}

const upright = (x: number, highest: number) => [
  { x, y: 0 },
  { x, y: highest },
];

/** Room that is needed, as a band, against room that is there, over a width; the pointer says which width is read out. */
export function RoomChart({ label, available, least, most, parts, changes, x, y, at, onAt }: RoomChartProps) {
  const grid = { color: look.line, tickColor: look.line };
  const highest = useMemo(
    () => 1.05 * Math.max(...[...available.points, ...most.points].map((point) => point.y)),
    [available, most],
  );
  const options: ChartOptions<'line'> = {
    maintainAspectRatio: false,
    parsing: false,
    interaction: { mode: 'index', intersect: false },
    onHover: (event, _, chart) => {
      const width = event.x === null ? undefined : chart.scales.x?.getValueForPixel(event.x);
      if (width !== undefined) onAt(Math.round(Math.min(x.most, Math.max(x.least, width))));
    },
    scales: {
      x: {
        type: 'linear',
        min: x.least,
        max: x.most,
        title: { display: true, text: x.label },
        grid,
        ticks: { callback: String },
      },
      y: {
        type: 'linear',
        min: 0,
        max: highest,
        title: { display: true, text: y.label },
        grid,
        ticks: { maxTicksLimit: 7, callback: (value) => String(Math.round(Number(value))) },
      },
    },
    plugins: {
      legend: {
        position: 'top',
        align: 'start',
        labels: {
          filter: ({ text }) => text !== '',
          usePointStyle: true,
          pointStyle: 'line',
          pointStyleWidth: 28,
        },
      },
      tooltip: { enabled: false },
    },
  };
  const line = { pointRadius: 0, pointHoverRadius: 0, borderWidth: 2, tension: 0 };
  const data: ChartData<'line', ChartPoint[]> = {
    // The first is drawn last, on top of all others.
    datasets: [
      ...changes.map((change) => ({
        ...line,
        label: '',
        data: upright(change, highest),
        borderColor: look.brick,
        borderWidth: 1,
        borderDash: [2, 3],
      })),
      { ...line, label: '', data: upright(at, highest), borderColor: look.quiet, borderWidth: 1 },
      { ...line, label: available.label, data: [...available.points], borderColor: look.ink },
      { ...line, label: most.label, data: [...most.points], borderColor: look.copper, borderDash: [5, 4] },
      {
        ...line,
        label: least.label,
        data: [...least.points],
        borderColor: look.copper,
        backgroundColor: look.copperWash,
        fill: '-1',
      },
      ...parts.map((points, index) => ({
        ...line,
        label: '',
        data: [...points],
        borderColor: look.line,
        borderWidth: 1,
        backgroundColor: index % 2 === 0 ? look.paper : look.sheet,
        fill: index === 0 ? 'origin' : '-1',
      })),
    ],
  };
  return <Line aria-label={label} role="img" options={options} data={data} />;
}
