import fc from 'fast-check';
import { test } from './support/test';
import { demo, demoDb } from './support/demo-sites';
import { generatedSite } from './support/generated-header';
import { compareBoxes } from './support/browser-boxes';
const { artwork } = demo('hollin-sound');
test('x', async ({ page }) => {
  const tapes = fc.sample(fc.noBias(fc.array(fc.nat(2 ** 20 - 1), { minLength: 600, maxLength: 700 })), {
    numRuns: Number(process.env.N ?? 60),
    seed: Number(process.env.S ?? 1),
  });
  let all = 0,
    bad = 0;
  const widths = [1500, 900, 620, 375];
  for (const [i, tape] of tapes.entries()) {
    if (process.env.ONLY && !process.env.ONLY.split(',').includes(String(i))) continue;
    let at = 0;
    const next = () => (tape[at++] ?? 0) / 2 ** 20;
    const site = generatedSite(next, { name: 'Made', third: Math.floor(next() * 3), artwork });
    const { disagreements, compared } = await compareBoxes(page, demoDb, site, widths).catch((e) => ({
      disagreements: ['ERROR ' + e.stack.slice(0, 600)],
      compared: 0,
    }));
    all += compared;
    if (process.env.ONLY) {
      const h = Object.values(site.headers)[0]!;
      console.log(
        JSON.stringify(
          {
            v: h.values,
            bars: Object.values(h.bars),
            pieces: Object.values(h.pieces).map((p) => [p.id, p.kind, p.values]),
          },
          null,
          0,
        ),
      );
    }
    if (disagreements.length) {
      bad++;
      console.log(
        '== ' +
          i +
          ' ' +
          site.languages[0] +
          ' (' +
          disagreements.length +
          ')\n' +
          disagreements.slice(0, process.env.ONLY ? 20 : 3).join('\n'),
      );
    }
  }
  console.log({ all, bad });
});
