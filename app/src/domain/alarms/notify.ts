import { router } from 'expo-router';
import { readDurable, writeDurable } from '../../state/durable';

/** What is said when a timer is over, and the page it belongs to. */
export interface Alarm {
  readonly title: string;
  readonly text: string;
  readonly href: string;
}

interface Rung {
  readonly times: number;
  readonly at: number;
}

/** Timers that have rung, so that a reload, or a second tab, does not ring them again. */
const RUNG_KEY = 'wellhydra.rung-timers';
const MOST_KEPT = 100;
/** An alarm nobody answers is given again, and then left, ms. */
const AGAIN_AFTER_ms = 60_000;
const MOST_TIMES = 5;
const BEEPS = [0, 0.35, 0.7] as const;

/** Asks once whether the browser may show a notification; only a press may ask. */
export function askToNotify(): void {
  if (typeof Notification !== 'undefined' && Notification.permission === 'default')
    void Notification.requestPermission().catch(() => undefined);
}

/**
 * Whether a timer that has been over for a while rings now on this device: at once, and each minute until
 * somebody answers. What ended long ago, on a device that was asleep, rings a single time.
 */
export function ringsNow(key: string, over_ms: number, now: Date): boolean {
  const all = readDurable<Readonly<Record<string, Rung>>>(RUNG_KEY) ?? {};
  const { times, at } = all[key] ?? { times: 0, at: 0 };
  const again = times < MOST_TIMES && over_ms < MOST_TIMES * AGAIN_AFTER_ms && now.getTime() - at >= AGAIN_AFTER_ms;
  if (times > 0 && !again) return false;
  const others = Object.entries(all).filter(([other]) => other !== key);
  writeDurable(
    RUNG_KEY,
    Object.fromEntries([...others, [key, { times: times + 1, at: now.getTime() }]].slice(-MOST_KEPT)),
  );
  return true;
}

function beep(): void {
  const context = new AudioContext();
  for (const at of BEEPS) {
    const tone = context.createOscillator();
    const volume = context.createGain();
    tone.frequency.value = 880;
    volume.gain.value = 0.2;
    tone.connect(volume).connect(context.destination);
    tone.start(context.currentTime + at);
    tone.stop(context.currentTime + at + 0.2);
  }
  setTimeout(() => void context.close(), 2000);
}

/** Browsers on phones let only the worker notify; where there is none, the page does. */
async function notify({ title, text, href }: Alarm): Promise<void> {
  if (typeof Notification === 'undefined' || Notification.permission !== 'granted') return;
  const options = { body: text, tag: `${href} ${title}`, renotify: true, requireInteraction: true, data: { href } };
  const worker = await navigator.serviceWorker?.getRegistration();
  if (worker?.active) return worker.showNotification(title, options);
  new Notification(title, options).onclick = () => {
    window.focus();
    router.push(href);
  };
}

/** A sound and a notification; where the browser allows neither, the screen says it all the same. */
export function ring(alarm: Alarm): void {
  try {
    beep();
  } catch {
    // No sound here: the notification and the bar remain.
  }
  notify(alarm).catch(() => undefined);
}
