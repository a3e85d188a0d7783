import type { LaunchOptions } from '@playwright/test';
import { FLAGS } from '../scripts/lib/chromium-flags.mjs';

/** Debian's Chromium as the test command has found it: the quick one has no windows, and shows no notifications. */
export function launchOptions(which: 'quick' | 'whole'): LaunchOptions {
  const programs = JSON.parse(process.env.E2E_CHROMIUM ?? '{}') as Partial<Record<typeof which, string>>;
  return { executablePath: programs[which], args: FLAGS } as LaunchOptions;
}
