import { randomUUID } from 'node:crypto';
import { PHOTO_LIMITS } from '@wellhydra/contract';
import type { FastifyInstance } from 'fastify';
import sharp from 'sharp';
import { bottledDrink, freshDatabase, newCook, send, startServer, type Cook } from './kitchen-server';

/** Photos of brews: small, upright, and without what a camera writes beside them. */

const DEVICE = 'Lanternfish 9 Pro';
/** A photo with the place and the device it was taken with, lying on its side. */
const photoOf = (width = 2400, height = 1200) =>
  sharp({ create: { width, height, channels: 3, background: '#8a1c3c' } })
    .withExif({
      IFD0: { Model: DEVICE, Make: 'Lanternfish' },
      IFD3: { GPSLatitudeRef: 'N', GPSLatitude: '57/1 30/1 0/1', GPSLongitudeRef: 'W', GPSLongitude: '7/1 12/1 0/1' },
    })
    .withMetadata({ orientation: 6 })
    .jpeg()
    .toBuffer();

let app: FastifyInstance;
let cook: Cook;
let brew: string;
beforeAll(async () => {
  app = await startServer(await freshDatabase());
  cook = await newCook(app);
  brew = (await bottledDrink(cook)).ids.brew;
});
afterAll(() => app.close());

const addressOf = (id: string, of = brew) => `/api/logbook/brews/${of}/photos/${id}`;
const put = (id: string, bytes: Buffer, { who = cook, type = 'image/jpeg', of = brew, words = '' } = {}) =>
  send(app, 'PUT', `${addressOf(id, of)}${words ? `?words=${encodeURIComponent(words)}` : ''}`, bytes, {
    cookie: who.cookie,
    'content-type': type,
  });
const get = async (id: string, size = 'picture', who = cook) =>
  send(app, 'GET', `${addressOf(id)}?size=${size}`, undefined, { cookie: who.cookie });

test('a photo is kept without its place and device, upright and no larger than it is shown', async () => {
  const original = await photoOf();
  expect((await sharp(original).metadata()).exif?.includes(DEVICE)).toBe(true);
  const id = randomUUID();
  const { status, json } = await put(id, original, { words: 'The colour on day 3' });
  expect(status).toBe(200);
  // It lay on its side: 2400 by 1200 stands upright, and its longer side fits.
  expect(json.photos).toEqual([{ id, words: 'The colour on day 3', width: 800, height: 1600, at: expect.any(String) }]);
  for (const [size, side] of [
    ['picture', PHOTO_LIMITS.side_px],
    ['thumbnail', PHOTO_LIMITS.thumbnail_px],
  ] as const) {
    const { answer } = await get(id, size);
    expect(answer.headers['content-type']).toBe('image/jpeg');
    const kept = answer.rawPayload;
    const { exif, xmp, iptc, orientation, height } = await sharp(kept).metadata();
    expect({ exif, xmp, iptc, orientation, height }).toEqual({ height: side });
    expect(kept.includes(DEVICE)).toBe(false);
    expect(kept.includes('Exif')).toBe(false);
  }
});

test('sent again it is the same one; taken out it is gone', async () => {
  const id = randomUUID();
  const bytes = await photoOf(40, 30);
  await put(id, bytes);
  const before = (await put(id, bytes)).json.photos.length;
  expect((await cook.send('DELETE', addressOf(id))).json.photos).toHaveLength(before - 1);
  expect((await get(id)).status).toBe(404);
  expect((await cook.send('DELETE', addressOf(id))).status).toBe(200);
});

test.each([
  ['half a picture', async () => (await photoOf(400, 300)).subarray(0, 900), 400],
  ['words called a picture', async () => Buffer.from('<svg onload=alert(1)>'), 400],
  ['nothing', async () => Buffer.alloc(0), 400],
  ['more than is taken', async () => Buffer.alloc(PHOTO_LIMITS.bytes + 1), 413],
])('%s is refused', async (_what, bytes, expected) => {
  const { status, json } = await put(randomUUID(), await bytes());
  expect(status).toBe(expected);
  expect(json.message).toEqual(expect.any(String));
});

test('a wall of pixels in a small file is not unpacked', async () => {
  const wall = await sharp({ create: { width: 12_000, height: 8000, channels: 3, background: '#000' } })
    .png({ compressionLevel: 9 })
    .toBuffer();
  expect(wall.length).toBeLessThan(PHOTO_LIMITS.bytes);
  expect((await put(randomUUID(), wall, { type: 'image/png' })).status).toBe(400);
});

test('JSON is no picture', async () => {
  expect((await cook.send('PUT', addressOf(randomUUID()), { a: 1 })).status).toBe(400);
});

test('a brew has twenty', async () => {
  const bytes = await photoOf(20, 20);
  const { json } = await cook.send('GET', `/api/logbook/brews/${brew}`);
  for (let index = json.photos.length; index < PHOTO_LIMITS.ofBrew; index += 1)
    expect((await put(randomUUID(), bytes)).status).toBe(200);
  const more = await put(randomUUID(), bytes);
  expect([more.status, more.json.code]).toEqual([422, 'quota-reached']);
});

test('nobody else’s kitchen sees it, or puts one there', async () => {
  const other = await newCook(app);
  const id = (await cook.send('GET', `/api/logbook/brews/${brew}`)).json.photos[0].id;
  expect((await get(id, 'picture', other)).status).toBe(404);
  expect((await put(randomUUID(), await photoOf(20, 20), { who: other })).status).toBe(404);
  expect((await other.send('DELETE', addressOf(id))).status).toBe(404);
  expect((await get(id)).status).toBe(200);
});
