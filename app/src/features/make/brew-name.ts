/** What a brew is called: its drink and its batch, once it has one. */
export const brewName = (drink: string, batch: string): string =>
  [drink || 'Unnamed drink', batch].filter(Boolean).join(', batch ');
