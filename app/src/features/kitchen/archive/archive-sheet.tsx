import type { ArchiveMode } from '@wellhydra/contract';
import { useEffect, useState } from 'react';
import { View } from 'react-native';
import { useTakeArchiveMutation, useTryArchiveMutation } from '../../../domain/kitchen/archive-endpoints';
import { failureOf } from '../../../state/api';
import { Button } from '../../../ui/button';
import { Choice } from '../../../ui/choice';
import { Sheet } from '../../../ui/sheet';
import { StopNote } from '../../../ui/stop-note';
import { Text } from '../../../ui/text';
import { archiveView } from './archive-view';

const MODES: readonly { readonly value: ArchiveMode; readonly label: string }[] = [
  { value: 'merge', label: 'Add to what is here' },
  { value: 'replace', label: 'Put it in place of this' },
];
const MODE_WORDS: Readonly<Record<ArchiveMode, string>> = {
  merge: 'What is here stays as it is; what only the file has is added.',
  replace: 'The kitchen becomes what the file says. What only stands here goes.',
};

interface ArchiveSheetProps {
  readonly file: File;
  readonly onClose: () => void;
  readonly onDone: () => void;
}

/** Says what an archive would change, and brings it in. */
export function ArchiveSheet({ file, onClose, onDone }: ArchiveSheetProps) {
  const [mode, setMode] = useState<ArchiveMode>('merge');
  const [look, tried] = useTryArchiveMutation();
  const [take, taken] = useTakeArchiveMutation();
  useEffect(() => {
    const looking = look({ file, mode });
    return () => looking.abort();
  }, [look, file, mode]);
  const view = tried.data ? archiveView(tried.data, mode) : null;
  const failure = taken.error ?? tried.error;
  const bring = async () => {
    const { error } = await take({ file, mode });
    if (!error) onDone();
  };
  const why = !view ? 'It is still being looked at' : view.nothing ? 'Nothing would be another' : null;
  return (
    <Sheet title="Bring a kitchen in" open onClose={onClose}>
      <Text className="text-mute">{file.name}</Text>
      <Choice label="What becomes of what is here" options={MODES} value={mode} onChange={setMode} />
      <Text className="text-mute">{MODE_WORDS[mode]}</Text>
      <View role="status" className="gap-3">
        {failure ? (
          <StopNote title="It cannot be brought in" text={`${failureOf(failure).message} Nothing was changed.`} />
        ) : tried.isLoading || !view ? (
          <Text className="text-mute">Looking at it …</Text>
        ) : view.nothing ? (
          <Text>All of it is here already.</Text>
        ) : (
          view.heaps.map(({ title, lines, grave }) => (
            <View key={title} className="gap-1">
              <Text variant="heading" className={grave ? 'text-heat' : ''}>
                {title}
              </Text>
              {lines.map((each) => (
                <Text key={each}>{each}</Text>
              ))}
            </View>
          ))
        )}
        {view?.stays && !failure ? <Text className="text-mute">{view.stays}</Text> : null}
      </View>
      {failure ? null : (
        <>
          <Button
            label="Bring it in"
            size="large"
            kind={mode === 'replace' ? 'danger' : 'primary'}
            why={why}
            disabled={taken.isLoading}
            onPress={() => void bring()}
          />
          <Text className="text-mute">For seven days all of it can be taken back with one press, on this page.</Text>
        </>
      )}
    </Sheet>
  );
}
