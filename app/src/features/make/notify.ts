import { readDurable, writeDurable } from '../../state/durable';

/** Timers that have rung, so that a reload does not ring them again. */
const RUNG_KEY = 'wellhydra.rung';
const MOST_RUNG = 100;
const BEEPS = [0, 0.35, 0.7] as const;

/** Asks once whether the browser may show a notification; only a press may ask. */
export function askToNotify(): void {
  if (typeof Notification !== 'undefined' && Notification.permission === 'default')
    void Notification.requestPermission().catch(() => undefined);
}

/** Whether a timer rings for the first time on this device. */
export function ringsNow(key: string): boolean {
  const rung = readDurable<readonly string[]>(RUNG_KEY) ?? [];
  if (rung.includes(key)) return false;
  writeDurable(RUNG_KEY, [...rung, key].slice(-MOST_RUNG));
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

/** A sound and a notification; where the browser allows neither, the screen says it all the same. */
export function ring(text: string): void {
  try {
    beep();
  } catch {
    // No sound here: the notification and the bar remain.
  }
  try {
    if (typeof Notification !== 'undefined' && Notification.permission === 'granted')
      new Notification('Wellhydra', { body: text, tag: text });
  } catch {
    // Some browsers only let a service worker notify.
  }
}
