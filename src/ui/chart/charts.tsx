'use client';

import dynamic from 'next/dynamic';

// Charts are fetched once one is shown: most screens have none, and would wait for a twelfth more of script.

export const BarChart = dynamic(() => import('./bar-chart').then((file) => file.BarChart), { ssr: false });
export const LineChart = dynamic(() => import('./line-chart').then((file) => file.LineChart), { ssr: false });
export const RoomChart = dynamic(() => import('./room-chart').then((file) => file.RoomChart), { ssr: false });
