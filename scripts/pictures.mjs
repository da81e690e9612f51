// Draws the pictures that a header over a picture is judged with, into public/pictures. Drawn, not photographed: run it again
// only when one of them is to be another.
import { mkdirSync } from 'node:fs';
import path from 'node:path';
import sharp from 'sharp';
import { root } from './lib/run.mjs';

const [WIDTH, HEIGHT] = [1920, 720];
const svg = (inside) =>
  `<svg xmlns="http://www.w3.org/2000/svg" width="${WIDTH}" height="${HEIGHT}" viewBox="0 0 ${WIDTH} ${HEIGHT}">${inside}</svg>`;
const fade = (id, stops) =>
  `<linearGradient id="${id}" x1="0" y1="0" x2="0" y2="1">${stops
    .map(([at, colour]) => `<stop offset="${at}" stop-color="${colour}"/>`)
    .join('')}</linearGradient>`;
const all = (fill) => `<rect width="${WIDTH}" height="${HEIGHT}" fill="${fill}"/>`;

/** Numbers from 0 to 1 that look random and are the same each time. */
function chances(seed) {
  let state = seed;
  return () => (state = (state * 16807) % 2147483647) / 2147483647;
}

function cloud(next) {
  const [x, y, size] = [next() * WIDTH, 20 + next() * 300, 60 + next() * 160];
  return [0, 1, 2, 3, 4]
    .map(
      (part) =>
        `<ellipse cx="${x + (part - 2) * size * 0.55}" cy="${y + next() * 30}" rx="${size * (0.5 + next() * 0.4)}" ry="${size * 0.28}" fill="#fff" opacity="0.75"/>`,
    )
    .join('');
}

function brightSky() {
  const next = chances(11);
  const clouds = Array.from({ length: 12 }, () => cloud(next)).join('');
  const defs = `<defs>${fade('s', [
    [0, '#5aa2d8'],
    [0.7, '#cfe6f2'],
    [1, '#f6efdc'],
  ])}<filter id="b"><feGaussianBlur stdDeviation="14"/></filter></defs>`;
  return svg(`${defs}${all('url(#s)')}<g filter="url(#b)">${clouds}</g>`);
}

function darkNight() {
  const next = chances(23);
  const stars = Array.from(
    { length: 340 },
    () =>
      `<circle cx="${next() * WIDTH}" cy="${next() * 560}" r="${0.6 + next() * 1.6}" fill="#fff" opacity="${0.25 + next() * 0.75}"/>`,
  ).join('');
  const moon = '<circle cx="1480" cy="70" r="44" fill="#f4eed8"/>';
  return svg(
    `<defs>${fade('s', [
      [0, '#070b18'],
      [1, '#1d2c4a'],
    ])}</defs>${all('url(#s)')}${stars}${moon}`,
  );
}

function busyHarbour() {
  const next = chances(37);
  const tones = ['#b8452c', '#e0b54a', '#f2ede0', '#2f5b73', '#7c8f8a', '#493a33', '#d7dfe0'];
  const houses = Array.from({ length: 46 }, (_, index) => {
    const [x, width, height] = [index * 44 - 20, 34 + next() * 44, 130 + next() * 330];
    const fill = tones[Math.floor(next() * tones.length)];
    const rows = Array.from(
      { length: Math.floor(height / 46) },
      (_, row) =>
        `<rect x="${x + 8}" y="${430 - height + 16 + row * 46}" width="${width - 18}" height="18" fill="${next() > 0.5 ? '#20303a' : '#fdf3cf'}"/>`,
    ).join('');
    return `<rect x="${x}" y="${430 - height}" width="${width}" height="${height}" fill="${fill}"/>${rows}`;
  }).join('');
  const masts = Array.from({ length: 40 }, () => {
    const x = next() * WIDTH;
    return `<path d="M${x} ${40 + next() * 160}V520" stroke="${next() > 0.4 ? '#f7f2e6' : '#2b2019'}" stroke-width="${2 + next() * 4}"/>`;
  }).join('');
  const defs = `<defs>${fade('s', [
    [0, '#c9dbe3'],
    [1, '#e9e4d3'],
  ])}${fade('w', [
    [0, '#3d6f80'],
    [1, '#163842'],
  ])}</defs>`;
  return svg(
    `${defs}${all('url(#s)')}${houses}<rect y="430" width="${WIDTH}" height="290" fill="url(#w)"/>${masts}`,
  );
}

const pictures = {
  'bright-sky': brightSky(),
  'dark-night': darkNight(),
  'busy-harbour': busyHarbour(),
  plain: svg(all('#8a8f8c')),
};

const folder = path.join(root, 'public/pictures');
mkdirSync(folder, { recursive: true });
for (const [name, drawn] of Object.entries(pictures))
  await sharp(Buffer.from(drawn))
    .webp({ quality: 80 })
    .toFile(path.join(folder, `${name}.webp`));
