// How long the longest frame is while a rung is dragged over the whole ladder, on a processor slowed fourfold.
// With the demo served: node bench/drag.mjs http://127.0.0.1:5080
import { createRequire } from 'node:module';

const require = createRequire(new URL('../tests/browser/', import.meta.url));
const { chromium } = require('@playwright/test');
const base = process.argv[2] ?? 'http://127.0.0.1:5080';
const browser = await chromium.launch({ executablePath: '/usr/bin/chromium', args: ['--no-sandbox', '--disable-gpu'] });
const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });
await page.goto(`${base}/01900000-0000-7000-8000-000000000001`);
await page.getByRole('link', { name: 'Ladder', exact: true }).click();
const rows = page.locator('.rung-row:not(.rung-head)');
const row = rows.nth(60);
await row.scrollIntoViewIfNeeded();
await page.waitForTimeout(500);
const list = await page.locator('.rungs').boundingBox();
const from = await row.boundingBox();
await page.mouse.move(from.x + 300, from.y + 20);
await page.mouse.down();
await page.mouse.move(from.x + 300, from.y + 40);
await page.locator('.drop-line').waitFor();
const session = await page.context().newCDPSession(page);
for (const rate of [1, 4]) {
  await session.send('Emulation.setCPUThrottlingRate', { rate });
  await page.evaluate(() => {
    window.frames_ = [];
    // Time between frames comes in steps of the screen, and a frame waits for whoever paints it too; how long the page
    // itself kept the browser from the next one is told apart.
    window.long_ = [];
    window.observer_ = new PerformanceObserver((list) =>
      window.long_.push(...list.getEntries().map((x) => x.blockingDuration)),
    );
    window.observer_.observe({ type: 'long-animation-frame' });
    let last = performance.now();
    const tick = (now) => {
      window.frames_.push(now - last);
      last = now;
      window.frame_ = requestAnimationFrame(tick);
    };
    window.frame_ = requestAnimationFrame(tick);
  });
  // Over all rows on screen and back, as fast as a hand goes; the last third at the edge, where the list scrolls.
  for (let i = 0; i < 60; i++) {
    const turn = (i % 40) / 20;
    const down = turn < 1 ? turn : 2 - turn;
    const y = i < 40 ? list.y + 90 + (list.height - 180) * down : list.y + 30;
    await page.mouse.move(from.x + 300, y);
    await page.waitForTimeout(30);
  }
  const [frames, long] = await page.evaluate(() => {
    cancelAnimationFrame(window.frame_);
    window.observer_.disconnect();
    return [window.frames_.slice(2), window.long_];
  });
  frames.sort((a, b) => a - b);
  const at = (share) => frames[Math.floor(frames.length * share)].toFixed(1);
  console.log(`slowed ${rate} times: ${frames.length} frames, half under ${at(0.5)} ms, 95 of 100 under ${at(0.95)} ms, longest ${frames.at(-1).toFixed(1)} ms; ${long.filter((x) => x > 0).length} kept busy by the page for over 50 ms`);
}
await page.mouse.up();
await browser.close();
