'use client';

import {
  BarController,
  BarElement,
  CategoryScale,
  Chart,
  Legend,
  LinearScale,
  Tooltip,
  type ChartOptions,
} from 'chart.js';
import { Bar } from 'react-chartjs-2';
import { look } from '../theme/tokens';
import './chart-look';

Chart.register(BarController, BarElement, CategoryScale, LinearScale, Tooltip, Legend);

interface BarChartProps {
  /** What the chart shows, for those who do not see it. */
  label: string;
  groups: readonly string[];
  /** A value for each group, in percent; null where there is none. */
  series: readonly { label: string; values: readonly (number | null)[]; hollow?: boolean }[];
  /** What more than this is marked as too much, in percent. */
  limit: number;
  /** What the tooltip says of a bar. */
  about(series: number, group: number): string;
}

/** Bars of percentages side by side, with what is above a limit in another colour. */
export function BarChart({ label, groups, series, limit, about }: BarChartProps) {
  const options: ChartOptions<'bar'> = {
    maintainAspectRatio: false,
    indexAxis: 'y',
    scales: {
      x: {
        min: 0,
        suggestedMax: limit * 1.5,
        ticks: { callback: (value) => `${value} %` },
        grid: { color: ({ tick }) => (tick.value === limit ? look.ink : look.line) },
        afterBuildTicks: (axis) => {
          axis.ticks = [
            ...axis.ticks.filter(({ value }) => Math.abs(value - limit) > 2),
            { value: limit },
          ].sort((a, b) => a.value - b.value);
        },
      },
      y: { grid: { display: false } },
    },
    plugins: {
      legend: { position: 'bottom', labels: { boxWidth: 10, boxHeight: 10 } },
      tooltip: {
        displayColors: false,
        callbacks: { label: (item) => about(item.datasetIndex, item.dataIndex) },
      },
    },
  };
  const datasets = series.map(({ label: name, values, hollow }) => {
    // Without a bar of its own, the legend's sign is that of a value within the limit.
    const colour = ({ dataIndex }: { dataIndex: number }) =>
      (values[dataIndex] ?? 0) > limit ? look.brick : look.moss;
    return {
      label: name,
      data: [...values],
      backgroundColor: hollow ? 'transparent' : colour,
      borderColor: colour,
      borderWidth: 1.5,
      barThickness: 7,
    };
  });
  return <Bar aria-label={label} role="img" options={options} data={{ labels: [...groups], datasets }} />;
}
