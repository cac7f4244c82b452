import { chromium } from '@playwright/test';
const [,, url, out, w, h, dark] = process.argv;
const b = await chromium.launch({ executablePath: '/usr/bin/chromium', args: ['--no-sandbox','--disable-gpu'] });
const p = await b.newPage({ viewport: { width: +w, height: +h }, colorScheme: dark ? 'dark' : 'light' });
await p.goto(url); await p.waitForTimeout(2500); await p.screenshot({ path: out }); await b.close();
