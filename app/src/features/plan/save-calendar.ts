import { noticeRaised } from '../../state/notices';
import type { Store } from '../../domain/store';
import { saveFile } from '../../state/save-file';
import type { HandsOn } from './plan-view';

/** Asks the server for the plan as an iCalendar file, and hands it over as a download. */
export async function saveCalendar(hands: readonly HandsOn[], dispatch: Store['dispatch']): Promise<void> {
  const events = hands.map(({ id, title, drink, from, to }) => ({
    id,
    title: `${drink}: ${title}`,
    begin: from.toISOString(),
    end: to.toISOString(),
  }));
  try {
    const answer = await fetch('/api/documents/plan.ics', {
      method: 'POST',
      credentials: 'same-origin',
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify({ events }),
    });
    if (!answer.ok) throw new Error(String(answer.status));
    saveFile(await answer.blob(), 'wellhydra-plan.ics');
  } catch {
    dispatch(
      noticeRaised({
        text: 'The calendar file could not be made: the server does not answer. Try again.',
        grave: true,
      }),
    );
  }
}
