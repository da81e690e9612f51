// Figures of the core alone: a header surveyed as a whole and after one label has changed, all of its boxes placed, and a site checked.
// Run by `npm run bench`, or on its own.
import { ensurePackages } from './lib/prepare.mjs';

await ensurePackages();
const { figures, checksFigures } = await import('./lib/fit-bench.mjs');
const middle = (values) => [...values].sort((a, b) => a - b)[Math.floor(values.length / 2)];
for (const [name, { anew, label, boxes }] of Object.entries(await figures())) {
  const [whole, after] = [middle(anew), middle(label)];
  console.log(
    `${name}: surveyed anew p50 ${whole.toFixed(1)} ms, after one label ${after.toFixed(1)} ms: ${(after / whole).toFixed(2)} of it (budget 0.25)`,
  );
  console.log(`${name}: all boxes at one width p50 ${middle(boxes).toFixed(2)} ms (budget 0.50 ms)`);
}
for (const [name, { anew, edited }] of Object.entries(await checksFigures()))
  console.log(
    `all checks, ${name}: p50 ${middle(anew).toFixed(0)} ms (budget ${name === 'demo' ? 300 : 2000} ms), after one label, with what else moved ${middle(edited).toFixed(0)} ms (budget 50 ms)`,
  );
