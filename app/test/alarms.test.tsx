import { act, screen } from '@testing-library/react';
import { TimerBar } from '../src/features/make/timers/timer-bar';
import { brewHappened, brewStarted } from '../src/domain/brews/brews';
import { ring, ringsNow } from '../src/domain/alarms/notify';
import { openFromNotification } from '../src/features/shell/open-from-notification';
import { fakeKitchen, renderScreen } from './fake-kitchen';
import { TONIC, beginning } from './trial-brew';

const mockPush = jest.fn();
const mockPath = { now: '/drinks' };
jest.mock('expo-router', () => ({
  router: { push: (...args: unknown[]) => mockPush(...args) },
  usePathname: () => mockPath.now,
  Link: ({ children }: { children: React.ReactNode }) => children,
}));

const NOW = new Date('2026-10-01T12:00:00Z');
const later = (seconds: number) => new Date(NOW.getTime() + seconds * 1000);

describe('a timer that is over rings', () => {
  it.each<[string, readonly (readonly [seconds: number, rings: boolean])[]]>([
    [
      'at once, and not again in the same minute',
      [
        [0, true],
        [1, false],
        [59, false],
      ],
    ],
    [
      'each minute, five times',
      [
        [0, true],
        [60, true],
        [120, true],
        [180, true],
        [240, true],
        [300, false],
        [600, false],
      ],
    ],
    [
      'once where it was over long ago',
      [
        [7200, true],
        [7260, false],
        [7400, false],
      ],
    ],
  ])('%s', (_what, asked) => {
    for (const [seconds, rings] of asked)
      expect([seconds, ringsNow('a', seconds * 1000, later(seconds))]).toEqual([seconds, rings]);
  });

  it('each one for itself', () => {
    expect([ringsNow('a', 0, NOW), ringsNow('b', 0, NOW), ringsNow('a', 0, NOW)]).toEqual([true, true, false]);
  });
});

describe('what is notified', () => {
  const ALARM = { title: 'Time is up: Steep 8 h', text: 'Harbour tonic', href: '/make/b' };
  const shown: unknown[][] = [];
  class PageNotification {
    static permission = 'granted';
    onclick: () => void = () => undefined;
    constructor(...args: unknown[]) {
      shown.push(args, [this]);
    }
  }
  const worker = (there: boolean) =>
    Object.defineProperty(navigator, 'serviceWorker', {
      configurable: true,
      value: {
        getRegistration: async () =>
          there ? { active: {}, showNotification: async (...args: unknown[]) => void shown.push(args) } : undefined,
      },
    });
  const settled = () => act(async () => undefined);
  beforeEach(() => {
    shown.length = 0;
    PageNotification.permission = 'granted';
    Object.assign(globalThis, { Notification: PageNotification });
  });
  afterEach(() => {
    Reflect.deleteProperty(globalThis, 'Notification');
    Reflect.deleteProperty(navigator, 'serviceWorker');
  });

  it('by the worker, with the page to open', async () => {
    worker(true);
    ring(ALARM);
    await settled();
    expect(shown).toEqual([
      ['Time is up: Steep 8 h', expect.objectContaining({ body: 'Harbour tonic', data: { href: '/make/b' } })],
    ]);
  });

  it('by the page where there is no worker; pressed, it opens the step', async () => {
    worker(false);
    ring(ALARM);
    await settled();
    expect(shown[0]).toEqual(['Time is up: Steep 8 h', expect.objectContaining({ body: 'Harbour tonic' })]);
    window.focus = jest.fn();
    (shown[1]![0] as PageNotification).onclick();
    expect(mockPush).toHaveBeenCalledWith('/make/b');
  });

  it('not where nobody has allowed it', async () => {
    worker(true);
    PageNotification.permission = 'default';
    ring(ALARM);
    await settled();
    expect(shown).toEqual([]);
  });

  it('pressed in the worker, it opens its page in the tab that is there', () => {
    const container = new EventTarget();
    Object.defineProperty(navigator, 'serviceWorker', { configurable: true, value: container });
    const opened: string[] = [];
    const stop = openFromNotification((href) => opened.push(href));
    const say = (data: unknown) => container.dispatchEvent(new MessageEvent('message', { data }));
    say({ kind: 'open', href: '/make/b' });
    say({ kind: 'something else', href: '/kitchen' });
    say(null);
    stop();
    say({ kind: 'open', href: '/shelf' });
    expect(opened).toEqual(['/make/b']);
  });
});

describe('the bar over every page', () => {
  const start = beginning(NOW);
  beforeEach(() => {
    mockPath.now = '/drinks';
    fakeKitchen({});
  });

  /** Brews that each steep for so many minutes from now on. */
  function steeping(minutes: readonly number[]) {
    const store = renderScreen(<TimerBar />);
    act(() => {
      minutes.forEach((length, index) => {
        const brew = `b${index}`;
        store.dispatch(brewStarted({ id: brew, start }));
        const event = {
          kind: 'timer-started',
          step: 's4',
          minutes: length,
          id: `e${index}`,
          at: new Date().toISOString(),
        };
        store.dispatch(brewHappened({ brew, event: event as never }));
      });
    });
  }
  const lines = () => screen.getByRole('navigation', { name: 'Timers' }).textContent;

  it('has the next to ring first, three of them, and says how many more there are', () => {
    steeping([50, 30, 10, 40, 20]);
    expect(lines()).toMatch(
      /^Steep 8 h · Harbour tonic(?:10:00|9:59)Steep.*(?:20:00|19:59)Steep.*(?:30:00|29:59)2 more$/,
    );
  });

  it('leaves out the one that is on the screen', () => {
    mockPath.now = '/make/b0';
    steeping([10]);
    expect(screen.queryByRole('navigation', { name: 'Timers' })).toBeNull();
  });

  it('says in the title which is over', () => {
    steeping([0]);
    expect(document.title).toBe('Time is up: Steep 8 h');
    expect(lines()).toContain(TONIC.name);
  });
});
