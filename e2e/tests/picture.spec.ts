import { readFileSync } from 'node:fs';
import { expect, fromMenu, openDemo, test } from '../cook';

/** Width and height of a PNG, out of its first chunk. */
const sizeOf = (png: Buffer) => ({ width: png.readUInt32BE(16), height: png.readUInt32BE(20) });

test('a drink is saved as a picture, drawn and as dots, with its letters in it', async ({ page }) => {
  await openDemo(page);
  await page.getByRole('link', { name: /Sea-room rehydration/ }).click();
  await fromMenu(page, 'A picture of it');
  const picture = page.getByRole('img', { name: 'Sea-room rehydration: its stream with 6 steps' });
  await expect(picture).toBeVisible();
  const saved = async (kind: 'PNG' | 'SVG') => {
    const download = page.waitForEvent('download');
    await page.getByRole('button', { name: `Save the picture as ${kind}` }).click();
    const file = await download;
    expect(file.suggestedFilename()).toBe(`sea-room-rehydration.${kind.toLowerCase()}`);
    return readFileSync(await file.path());
  };
  const svg = (await saved('SVG')).toString('utf8');
  expect(svg).toMatch(/^<svg [^>]*xmlns="http:\/\/www\.w3\.org\/2000\/svg"/);
  for (const part of ['2.6 g table salt', 'Dissolve 2 min', 'data:font/woff2', '<path']) expect(svg).toContain(part);
  const [, width, height] = /viewBox="0 0 (\d+) (\d+)"/.exec(svg) ?? [];
  const png = await saved('PNG');
  expect(png.subarray(1, 4).toString()).toBe('PNG');
  expect(sizeOf(png)).toEqual({ width: 2 * Number(width), height: 2 * Number(height) });
  // Not a blank sheet: so many colours do not fit into a small file.
  expect(png.length).toBeGreaterThan(20_000);
});
