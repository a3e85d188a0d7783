import { Text } from '../../ui/text';
import type { DueView } from '../../domain/words/due-words';

const LOOKS = {
  past: 'bg-heat text-onheat',
  soon: 'bg-amber text-onamber',
  later: 'bg-sheet text-ink',
} as const;

/** How long a bottle still keeps. */
export function DueBadge({ due, centred = false }: { readonly due: DueView; readonly centred?: boolean }) {
  return (
    <Text
      variant="smallStrong"
      className={`${centred ? 'self-center' : 'self-start'} overflow-hidden whitespace-nowrap rounded-[8px] px-2 py-[3px] ${LOOKS[due.urgency]}`}
    >
      {due.words}
    </Text>
  );
}
