import { createSlice, type PayloadAction } from '@reduxjs/toolkit';
import { readDurable, writeDurable } from './durable';

export type Theme = 'system' | 'light' | 'dark';
export type Basis = 'serving' | 'spoon' | 'glass' | 'litre' | 'batch';

export interface Preferences {
  readonly theme: Theme;
  /** What figures are shown for. */
  readonly basis: Basis;
}

export const PREFERENCES_KEY = 'wellhydra.preferences';
const DEFAULTS: Preferences = { theme: 'system', basis: 'serving' };

const slice = createSlice({
  name: 'preferences',
  initialState: (): Preferences => ({ ...DEFAULTS, ...readDurable<Partial<Preferences>>(PREFERENCES_KEY) }),
  reducers: {
    themeChosen: (state, { payload }: PayloadAction<Theme>) => ({ ...state, theme: payload }),
    basisChosen: (state, { payload }: PayloadAction<Basis>) => ({ ...state, basis: payload }),
  },
});

export const { themeChosen, basisChosen } = slice.actions;
export const preferencesReducer = slice.reducer;

const night = () => matchMedia('(prefers-color-scheme: dark)');

function showTheme({ theme }: Preferences): void {
  const dark = theme === 'dark' || (theme === 'system' && night().matches);
  document.documentElement.classList.toggle('dark', dark);
}

/** Puts the chosen theme on the page, and remembers the choice. */
export function applyPreferences(preferences: Preferences): void {
  writeDurable(PREFERENCES_KEY, preferences);
  showTheme(preferences);
}

/** Who leaves it to the system has night when the system has it, also on a page that is open in the evening. */
export const followNight = (preferencesNow: () => Preferences): void =>
  night().addEventListener('change', () => showTheme(preferencesNow()));
