import type { LabelOrder } from '@wellhydra/contract';
import { saveFile } from '../../state/save-file';

/** Saves labels as a PDF on the device; what went wrong, where something did. */
export async function saveLabels(order: LabelOrder): Promise<string | null> {
  try {
    const answer = await fetch('/api/documents/labels.pdf', {
      method: 'POST',
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify(order),
    });
    if (!answer.ok) return ((await answer.json()) as { readonly message: string }).message;
    saveFile(await answer.blob(), 'wellhydra-labels.pdf');
    return null;
  } catch {
    return 'The server does not answer. Check the connection and try again.';
  }
}
