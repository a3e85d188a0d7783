import { failureOf } from '../../state/api';
import { noticeRaised } from '../../state/notices';
import { saveFile } from '../../state/save-file';
import type { Store } from '../store';

/** Asks the server for the kitchen as a file, and hands it over as a download. */
export async function saveArchive(kitchen: string, now: Date, dispatch: Store['dispatch']): Promise<void> {
  const say = (text: string) => void dispatch(noticeRaised({ text, grave: true }));
  let answer: Response;
  try {
    answer = await fetch('/api/kitchen/archive', { credentials: 'same-origin' });
  } catch {
    return say(failureOf({ status: 'FETCH_ERROR' }).message);
  }
  if (!answer.ok) {
    const data: unknown = await answer.json().catch(() => null);
    return say(failureOf({ status: answer.status, data }).message);
  }
  const name =
    kitchen
      .toLowerCase()
      .replace(/[^\p{L}\p{N}]+/gu, '-')
      .replace(/^-|-$/g, '') || 'kitchen';
  saveFile(await answer.blob(), `${name}-${now.toISOString().slice(0, 10)}.jsonl`);
  dispatch(noticeRaised({ text: 'The kitchen is saved as one file' }));
}
