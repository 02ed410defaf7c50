import { writeFileSync } from 'node:fs';
import { fileURLToPath } from 'node:url';
import { lowWaterFerry } from '@every-inch/core/demo';
import { makeShapeStore, type Vec2 } from '@every-inch/core/form';
import { chromium } from '@playwright/test';
import { LAUNCH } from '../playwright.config.ts';

/** The frame that stands beside the post in the picture, mm. */
export const FRAME = { left: -720, right: 480, top: 1000 };
/** Size of the picture, px. */
export const SHOT = { width: 1800, height: 1350 };

/** A pinhole camera before the wall, turned to the left and looking down a little; px with y down. */
export function shot([x, y]: Vec2): Vec2 {
  const [turn, tilt, far, focal] = [0.42, 0.16, 2450, 2350];
  const [px, py] = [x + 120, y - 500];
  const [x1, z1] = [px * Math.cos(turn), -px * Math.sin(turn)];
  const [y2, z2] = [py * Math.cos(tilt) - z1 * Math.sin(tilt), py * Math.sin(tilt) + z1 * Math.cos(tilt)];
  return [SHOT.width / 2 + (focal * x1) / (far + z2), SHOT.height / 2 - (focal * y2) / (far + z2)];
}

/** Draws the mooring post of the demo against a wall of planks, within a frame of known size, and writes the picture. */
async function draw(): Promise<void> {
  const post = lowWaterFerry('2026-05-01T09:00:00Z').parts.find(({ id }) => id === 'post');
  if (!post) throw new Error('the demo has no post');
  const outline = makeShapeStore().shapeOf(post.form).outline('front');
  const ring = (points: readonly Vec2[]) => points.map(shot);
  const plank = (i: number): Vec2[] => {
    const x = -1500 + i * 190;
    return [
      [x, -700],
      [x + 184, -700],
      [x + 184, 1900],
      [x, 1900],
    ];
  };
  const corner = (x: number, y: number): Vec2[][] => [
    [
      [x - 45, y - 3],
      [x + 45, y - 3],
      [x + 45, y + 3],
      [x - 45, y + 3],
    ],
    [
      [x - 3, y - 45],
      [x + 3, y - 45],
      [x + 3, y + 45],
      [x - 3, y + 45],
    ],
  ];
  const marks = [FRAME.left, FRAME.right].flatMap((x) => [0, FRAME.top].flatMap((y) => corner(x, y)));
  const areas = [
    ...Array.from({ length: 16 }, (_, i) => ({
      fill: i % 2 ? '#b9b3a2' : '#b1ab99',
      points: ring(plank(i)),
    })),
    ...outline.map(([rim = []]) => ({ fill: '#6d5a45', points: ring(rim) })),
    ...marks.map((points) => ({ fill: '#1b2425', points: ring(points) })),
  ];
  const browser = await chromium.launch(LAUNCH);
  const page = await browser.newPage();
  const bytes = await page.evaluate(
    async ({ width, height, shapes }) => {
      const canvas = new OffscreenCanvas(width, height);
      const pen = canvas.getContext('2d');
      if (!pen) throw new Error('no canvas');
      pen.fillStyle = '#8d8778';
      pen.fillRect(0, 0, width, height);
      for (const { fill, points } of shapes) {
        pen.beginPath();
        for (const [x, y] of points) pen.lineTo(x ?? 0, y ?? 0);
        pen.closePath();
        pen.fillStyle = fill;
        pen.fill();
      }
      const blob = await canvas.convertToBlob({ type: 'image/jpeg', quality: 0.86 });
      return [...new Uint8Array(await blob.arrayBuffer())];
    },
    { ...SHOT, shapes: areas },
  );
  await browser.close();
  const file = fileURLToPath(new URL('../web/public/demo/post-by-the-wall.jpg', import.meta.url));
  writeFileSync(file, Uint8Array.from(bytes));
  console.log(`${file}: ${bytes.length} bytes`);
}

if (process.argv[1] === fileURLToPath(import.meta.url)) await draw();
