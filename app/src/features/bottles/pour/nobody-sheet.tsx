import type { BottleRecord } from '@wellhydra/contract';
import { useState } from 'react';
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
  return (
    <Sheet title={`Pour ${bottle.drinkName}?`} open onClose={onClose}>
      {bottleAsks(bottle, now).map(({ title, text }) => (
        <StopNote key={title} title={title} text={text} />
      ))}
      {known === 'known' ? null : <Text role="status">{WORDS[known]}</Text>}
      <Button label="Leave it" size="large" onPress={onClose} />
      <Button label="Pour it all the same" kind="plain" size="large" onPress={onPour} />
    </Sheet>
  );
}
