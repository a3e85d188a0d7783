import { DEFAULT_SETTINGS, type KitchenSettings } from '@wellhydra/core/kitchen';
import type { KitchenSettingsRecord } from '@wellhydra/contract';
import { useEffect, useRef, useState } from 'react';
import { failureOf } from '../../state/api';
import { readDurable, writeDurable } from '../../state/durable';
import { useGetSettingsQuery, useSaveSettingsMutation } from './kitchen-endpoints';

const KEY = 'wellhydra.kitchen-settings';
/** Typing pauses this long before it is sent, ms. */
const SAVE_AFTER_ms = 500;

interface Unsent {
  readonly revision: number;
  readonly settings: KitchenSettings;
}

export interface SettingsDraft {
  readonly settings: KitchenSettings;
  readonly change: (by: Partial<KitchenSettings>) => void;
  /** What is said about saving. */
  readonly state: string;
  readonly ready: boolean;
}

/** What the kitchen has, as it is edited here: saved by itself, and kept on this device until it is. */
export function useSettingsDraft(): SettingsDraft {
  const { data, refetch } = useGetSettingsQuery();
  const [save] = useSaveSettingsMutation();
  const [unsent, setUnsent] = useState<Unsent | null>(() => readDurable<Unsent>(KEY) ?? null);
  const [problem, setProblem] = useState<string | null>(null);
  const [round, setRound] = useState(0);
  const saving = useRef(false);
  const settings = unsent?.settings ?? data?.settings ?? DEFAULT_SETTINGS;
  useEffect(() => writeDurable(KEY, unsent ?? undefined), [unsent]);
  useEffect(() => {
    if (!unsent) return undefined;
    const timer = setTimeout(async () => {
      if (saving.current) return;
      saving.current = true;
      const result = await save({ expectedRevision: unsent.revision, settings: unsent.settings });
      saving.current = false;
      if (result.data) {
        const { revision } = result.data;
        setProblem(null);
        // What was typed meanwhile goes on from the new revision.
        setUnsent((now) => (now && now.settings !== unsent.settings ? { ...now, revision } : null));
        return;
      }
      const { code, message, details } = failureOf(result.error);
      if (code === 'edited-elsewhere') {
        setUnsent((now) => now && { ...now, revision: (details as KitchenSettingsRecord).revision });
        void refetch();
      } else setProblem(message);
    }, SAVE_AFTER_ms);
    return () => clearTimeout(timer);
  }, [unsent, round, save, refetch]);
  useEffect(() => {
    const again = () => setRound((count) => count + 1);
    window.addEventListener('online', again);
    return () => window.removeEventListener('online', again);
  }, []);
  return {
    settings,
    change: (by) =>
      setUnsent((now) => ({
        revision: now?.revision ?? data?.revision ?? 0,
        settings: { ...(now?.settings ?? settings), ...by },
      })),
    state: problem ? `Kept on this device: ${problem}` : unsent ? 'Saving' : 'Saved',
    ready: data !== undefined || unsent !== null,
  };
}
