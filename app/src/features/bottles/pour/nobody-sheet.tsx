import type { BottleRecord } from '@wellhydra/contract';
import { useEffect, useState } from 'react';
import type { PeopleKnown } from '../../../domain/people/use-people';
import { Button } from '../../../ui/button';
import { Sheet } from '../../../ui/sheet';
import { StopNote } from '../../../ui/stop-note';
import { Text } from '../../../ui/text';
import { bottleAsks } from './pour-view';

/** What is said while it is not known who there is. */
const WORDS: Readonly<Record<PeopleKnown, string>> = {
  known: '',
  'not yet': 'Who drinks here is being looked up.',
  locked:
    'Who drinks here is under a passphrase. Say it under People first: else nobody is told that this is not for them.',
  'not now': 'Who drinks here cannot be looked up now, so nobody is told that this is not for them.',
};

interface NobodySheetProps {
  readonly bottle: BottleRecord;
  readonly known: PeopleKnown;
  readonly onPour: () => void;
  readonly onClose: () => void;
}

/** A glass for nobody in particular, where something has to be asked first. */
export function NobodySheet({ bottle, known, onPour, onClose }: NobodySheetProps) {
  // As it was when the sheet was opened: what is asked does not change under a finger.
  const [now] = useState(() => new Date());
  const asks = bottleAsks(bottle, now);
  const nothingToAsk = known === 'known' && asks.length === 0;
  useEffect(() => {
    // It was opened before it was known that nobody is named here, and there is nothing else to ask.
    if (nothingToAsk) onPour();
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [nothingToAsk]);
  return (
    <Sheet title={`Pour ${bottle.drinkName}?`} open onClose={onClose}>
      {asks.map(({ title, text }) => (
        <StopNote key={title} title={title} text={text} />
      ))}
      {known === 'known' ? null : <Text role="status">{WORDS[known]}</Text>}
      <Button label="Leave it" size="large" onPress={onClose} />
      <Button label="Pour it all the same" kind="plain" size="large" onPress={onPour} />
    </Sheet>
  );
}
