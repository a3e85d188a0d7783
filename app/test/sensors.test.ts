import { act, renderHook } from '@testing-library/react';
import type { SensorValue } from '@wellhydra/contract';
import { useSensors } from '../src/features/make/readings/use-sensors';

/** Streams that were opened, and what they are told. */
class FakeSource {
  static opened: FakeSource[] = [];
  onmessage: ((event: { data: string }) => void) | null = null;
  closed = false;
  constructor(readonly url: string) {
    FakeSource.opened.push(this);
  }
  close(): void {
    this.closed = true;
  }
  says(...values: readonly Partial<SensorValue>[]): void {
    const at = new Date().toISOString();
    act(() => this.onmessage?.({ data: JSON.stringify(values.map((value) => ({ at, ...value }))) }));
  }
}
const newest = () => FakeSource.opened.at(-1)!;

beforeEach(() => {
  jest.useFakeTimers({ now: new Date('2026-10-01T08:00:00Z') });
  FakeSource.opened = [];
  Object.assign(globalThis, { EventSource: FakeSource });
});
afterEach(() => {
  jest.useRealTimers();
  Reflect.deleteProperty(globalThis, 'EventSource');
});

it('shows each sensor by its name, and asks by the clock of this device', () => {
  const { result } = renderHook(() => useSensors('b1'));
  expect(newest().url).toBe('/api/devices/stream?brew=b1&at=2026-10-01T08%3A00%3A00.000Z');
  newest().says({ sensor: 'scale', value: 998 }, { sensor: 'probe', value: 61.4 });
  expect(result.current.scale?.value).toBe(998);
  expect(result.current.probe?.value).toBe(61.4);
  newest().says({ sensor: 'scale', value: 1001 });
  expect(result.current).toMatchObject({ scale: { sensor: 'scale', value: 1001 } });
  expect(result.current.probe).toBeUndefined();
});

it('what fell silent shows nothing, and is asked again by the clock of then', () => {
  const { result } = renderHook(() => useSensors('b1'));
  newest().says({ sensor: 'probe', value: 80 });
  act(() => jest.advanceTimersByTime(30 * 60_000));
  expect(result.current).toEqual({});
  expect(FakeSource.opened[0]!.closed).toBe(true);
  expect(newest().url).toMatch(/at=2026-10-01T08%3A(?:29|30)/);
});

it('while it talks it is not asked again, and is closed when the page is left', () => {
  const { unmount } = renderHook(() => useSensors('b1'));
  for (let second = 0; second < 20; second += 1) {
    act(() => jest.advanceTimersByTime(1000));
    newest().says({ sensor: 'scale', value: second });
  }
  expect(FakeSource.opened).toHaveLength(1);
  unmount();
  expect(newest().closed).toBe(true);
});

it('what comes by another clock than this one is asked for anew', () => {
  renderHook(() => useSensors('b1'));
  newest().says({ sensor: 'probe', value: 94, at: '2026-10-01T07:40:00Z' });
  act(() => jest.advanceTimersByTime(2000));
  expect(FakeSource.opened).toHaveLength(2);
});

it('where there are no streams there are no sensors', () => {
  Reflect.deleteProperty(globalThis, 'EventSource');
  expect(renderHook(() => useSensors('b1')).result.current).toEqual({});
});
