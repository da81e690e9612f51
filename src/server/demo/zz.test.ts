import { test } from '@jest/globals';
import { mkdtempSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { evenLetters } from '@/core/fit/even-letters.test-data';
import { renderStylesheet } from '@/core/render/stylesheet/stylesheet';
import { lookHere } from '../bytes/look';
import { openDatabase } from '../db/open';
import { loadSite } from '../sites/store';
import { seedDemo } from './seed';
test('x', async () => {
  const db = openDatabase(mkdtempSync(path.join(tmpdir(), 'gr-')));
  await seedDemo(db, lookHere, new Date(0));
  let { site } = loadSite(db, 'hollin-sound')!;
  renderStylesheet(site, evenLetters);
  const { wayDown } = await import('@/core/fit/way-down');
  for (const kind of ['headers', 'footers', 'drawers'] as const)
    for (const a of Object.values(site[kind]))
      console.log(
        kind,
        a.id,
        wayDown(site, evenLetters, kind, a)
          .stages.map((x) => `${x.below} ${x.begun.at(-1)}`)
          .join(', '),
      );
  const { Session } = await import('node:inspector');
  const s = new Session();
  s.connect();
  const post = (m: string, p?: object) =>
    new Promise<any>((r, j) => s.post(m, p as any, (e: any, x: any) => (e ? j(e) : r(x))));
  await post('Profiler.enable');
  await post('Profiler.start');
  const t = performance.now();
  const item = Object.keys(site.menus['m-main']!.items)[0]!;
  for (let i = 0; i < 30; i++) {
    const menu = site.menus['m-main']!;
    site = {
      ...site,
      menus: {
        ...site.menus,
        'm-main': {
          ...menu,
          items: { ...menu.items, [item]: { ...menu.items[item]!, label: 'x'.repeat((i % 7) + 3) } },
        },
      },
    };
    renderStylesheet(site, evenLetters);
  }
  console.log('per render', (performance.now() - t) / 30);
  const { profile } = await post('Profiler.stop');
  const self = new Map<string, number>();
  const total = new Map<string, number>();
  const byId = new Map(profile.nodes.map((n: any) => [n.id, n]));
  const dt = profile.timeDeltas;
  const parent = new Map<number, number>();
  for (const n of profile.nodes) for (const c of n.children ?? []) parent.set(c, n.id);
  profile.samples.forEach((id: number, k: number) => {
    const d = dt[k] / 1000 / 30;
    const name = (n: any) => n.callFrame.functionName + ' ' + n.callFrame.url.split('/').at(-1);
    self.set(name(byId.get(id)), (self.get(name(byId.get(id))) ?? 0) + d);
    const seen = new Set<string>();
    for (let at: number | undefined = id; at !== undefined; at = parent.get(at)) {
      const k2 = name(byId.get(at));
      if (!seen.has(k2)) {
        seen.add(k2);
        total.set(k2, (total.get(k2) ?? 0) + d);
      }
    }
  });
  const top = (m: Map<string, number>, n: number) =>
    [...m]
      .sort((a, b) => b[1] - a[1])
      .slice(0, n)
      .map(([k, v]) => `${v.toFixed(2)} ${k}`)
      .join('\n');
  console.log('TOTAL\n' + top(total, 60));
  console.log('SELF\n' + top(self, 20));
});
