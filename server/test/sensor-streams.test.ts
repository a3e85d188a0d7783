import { STREAM_LIMITS, SensorStreams, type Listener } from '../src/devices/sensor-streams';

// In a file without a server, so that every timer that is counted belongs to the streams.
beforeEach(() => jest.useFakeTimers());
afterEach(() => jest.useRealTimers());

const listener = (kitchenId = 'k'): Listener & { readonly heard: number[] } => {
  const heard: number[] = [];
  return { kitchenId, heard, hear: (values) => void heard.push(values.length), end: () => undefined };
};

test('five hundred who listen to one brew are one reader, and the last who goes ends it', async () => {
  const streams = new SensorStreams();
  let reads = 0;
  const read = async () => {
    reads += 1;
    return [];
  };
  const all = Array.from({ length: 500 }, (_, index) => listener(`kitchen ${index % 50}`));
  const stops = all.map((each) => streams.listen('brew', each, read));
  await jest.advanceTimersByTimeAsync(1100);
  expect(reads).toBe(2);
  expect(new Set(all.map(({ heard }) => heard.length))).toEqual(new Set([2]));
  for (const stop of stops) stop();
  await jest.advanceTimersByTimeAsync(2000);
  expect([reads, jest.getTimerCount()]).toEqual([2, 0]);
});

test('a kitchen holds only so many open, and others still find room', () => {
  const streams = new SensorStreams();
  const read = async () => [];
  const stops = Array.from({ length: STREAM_LIMITS.kitchen }, () => {
    streams.checkRoom('k');
    return streams.listen('brew', listener(), read);
  });
  expect(() => streams.checkRoom('k')).toThrow(/So many pages show these devices/);
  expect(() => streams.checkRoom('other')).not.toThrow();
  for (const stop of stops) stop();
  expect(() => streams.checkRoom('k')).not.toThrow();
});
