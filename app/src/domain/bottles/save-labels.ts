import type { LabelOrder } from '@wellhydra/contract';

/** Saves labels as a PDF on the device; what went wrong, where something did. */
export async function saveLabels(order: LabelOrder): Promise<string | null> {
  try {
    const answer = await fetch('/api/documents/labels.pdf', {
      method: 'POST',
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify(order),
    });
    if (!answer.ok) return ((await answer.json()) as { readonly message: string }).message;
    const url = URL.createObjectURL(await answer.blob());
    const link = document.createElement('a');
    link.href = url;
    link.download = 'wellhydra-labels.pdf';
    link.click();
    setTimeout(() => URL.revokeObjectURL(url), 10_000);
    return null;
  } catch {
    return 'The server does not answer. Check the connection and try again.';
  }
}
