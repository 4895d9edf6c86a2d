// cd benchmarks && npm ci --ignore-scripts && node frames.mjs [ADDRESS]
//
// Against a running ./pelluna demo or start, on this machine only, in Debian's Chromium: the reef with 25 fish, its slider moved with
// keys at the pace of playing, each step timed from the key to the new day in the page and to the frame that shows it; then a rock
// dragged, each frame timed. Prints milliseconds.
import { chromium } from 'playwright-core';
import { address, cookies, print, reefOf25, tankOf } from './keeper.mjs';

const steps = Number(process.env.TIMES ?? 60);
const tank = await tankOf(reefOf25());
const browser = await chromium.launch({ executablePath: '/usr/bin/chromium', args: ['--no-sandbox'] });
const context = await browser.newContext({ viewport: { width: 1280, height: 800 } });
await context.addCookies([...cookies].map(([name, value]) => ({ name, value, url: address })));
const page = await context.newPage();

await page.goto(`${address}${tank}/reef`);
const slider = page.locator('.time-slider');
await slider.focus();
await page.evaluate(() => {
  window.taken = [];
  let begun = 0;
  document.addEventListener('keydown', () => (begun = performance.now()), true);
  new MutationObserver(() => {
    const since = begun;
    const inPage = performance.now() - since;
    requestAnimationFrame(() => setTimeout(() => window.taken.push([inPage, performance.now() - since])));
  }).observe(document.querySelector('[x-ref=day]'), { attributeFilter: ['data-on'], subtree: true });
});
for (let i = 0; i < steps + 10; i += 1) {
  await page.keyboard.press('ArrowRight');
  await page.waitForFunction((seen) => window.taken.length > seen, i);
  // The pace of playing.
  await page.waitForTimeout(100);
}
const taken = (await page.evaluate(() => window.taken)).slice(10);
print('step, in the page', taken.map((one) => one[0]));
print('step, painted', taken.map((one) => one[1]));

await page.goto(`${address}${tank}/reef/edit`);
const rock = page.locator('.view-front .rock-item, .rock-item').first();
const at = await rock.boundingBox();
await page.mouse.move(at.x + at.width / 2, at.y + at.height / 2);
await page.mouse.down();
await page.evaluate(() => {
  window.frames25 = [];
  let last = performance.now();
  const frame = () => {
    const now = performance.now();
    window.frames25.push(now - last);
    last = now;
    window.measuring && requestAnimationFrame(frame);
  };
  window.measuring = true;
  requestAnimationFrame(frame);
});
for (let i = 0; i < 120; i += 1) {
  await page.mouse.move(at.x + at.width / 2 + i, at.y + at.height / 2 + Math.sin(i / 9) * 20);
}
const frames = await page.evaluate(() => {
  window.measuring = false;
  return window.frames25;
});
await page.mouse.up();
print('a frame of a drag', frames.slice(2));
console.log(`frames over 33 ms: ${frames.filter((one) => one > 33.4).length} of ${frames.length}`);
await browser.close();
