// From the press on "The next lesson" until that lesson stands on the screen, each lesson made for the first time; beside
// it, in the same run, how long the server takes to say that it is there.
// With the demo served, and none of its lessons planned: node bench/tomorrow.mjs http://127.0.0.1:5080
import { createRequire } from 'node:module';

const require = createRequire(new URL('../tests/browser/', import.meta.url));
const { chromium } = require('@playwright/test');
const base = process.argv[2] ?? 'http://127.0.0.1:5080';
const browser = await chromium.launch({ executablePath: '/usr/bin/chromium', args: ['--no-sandbox', '--disable-gpu'] });
const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });
const school = '01900000-0000-7000-8000-000000000001';
const presses = 12;
const [shown, there] = [[], []];
for (const at of ['00', '01', '02']) {
  await page.goto(`${base}/${school}/01900000-0000-7000-8000-000002${at}0001/today`);
  await page.locator('.point').waitFor();
  for (let i = 0; i < presses; i++) {
    const before = await page.getByRole('heading', { level: 1 }).textContent();
    let began = performance.now();
    await page.getByRole('link', { name: 'The next lesson' }).click();
    await page.waitForFunction((x) => document.querySelector('h1')?.textContent !== x && document.querySelectorAll('.item').length > 10, before, { polling: 'raf' });
    shown.push(performance.now() - began);
    began = performance.now();
    await fetch(`${base}/health/ready`);
    there.push(performance.now() - began);
  }
}
const sorted = (x) => x.toSorted((a, b) => a - b);
const share = (x, of) => sorted(x)[Math.min(x.length - 1, Math.floor(x.length * of))];
const [half, most] = [share(shown, 0.5), share(shown, 0.95)];
console.log(`${shown.length} presses: half within ${Math.round(half)} ms, 95 of 100 within ${Math.round(most)} ms; ${Math.round(half / share(there, 0.5))} times as long as /health/ready`);
await browser.close();
