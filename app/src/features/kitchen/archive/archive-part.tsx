import { useRef, useState } from 'react';
import { View } from 'react-native';
import { useGetArchiveUndoQuery, useTakeBackArchiveMutation } from '../../../domain/kitchen/archive-endpoints';
import { saveArchive } from '../../../domain/kitchen/save-archive';
import { useAppDispatch } from '../../../domain/store';
import { dayWords } from '../../../domain/words/moment-words';
import { failureOf } from '../../../state/api';
import { noticeRaised } from '../../../state/notices';
import { Button } from '../../../ui/button';
import { Text } from '../../../ui/text';
import { ArchiveSheet } from './archive-sheet';

/** Everything behind the page is another now: what it shows and what it holds ready is read anew. */
const beginAnew = () => window.location.reload();

/** The whole kitchen as one file: to keep, to carry elsewhere, and to bring in. */
export function ArchivePart({ kitchen }: { readonly kitchen: string }) {
  const dispatch = useAppDispatch();
  const picker = useRef<HTMLInputElement>(null);
  const [file, setFile] = useState<File | null>(null);
  const [saving, setSaving] = useState(false);
  const { data: undo } = useGetArchiveUndoQuery();
  const [takeBack, taking] = useTakeBackArchiveMutation();
  const save = async () => {
    setSaving(true);
    await saveArchive(kitchen, new Date(), dispatch);
    setSaving(false);
  };
  const back = async () => {
    const { error } = await takeBack();
    if (error) return void dispatch(noticeRaised({ text: failureOf(error).message, grave: true }));
    beginAnew();
  };
  return (
    <View className="gap-2">
      <Text variant="heading">All of it in one file</Text>
      <Text className="text-mute">
        Drinks with their versions, brews, bottles, glasses, stores, people and photos. What is said of people is in it,
        too: keep the file where only you can read it.
      </Text>
      <View className="flex-row flex-wrap gap-3">
        <Button label="Save the kitchen" kind="plain" disabled={saving} onPress={() => void save()} />
        <Button label="Bring a kitchen in" kind="plain" onPress={() => picker.current?.click()} />
      </View>
      <input
        ref={picker}
        type="file"
        accept=".jsonl,application/x-ndjson"
        aria-label="Archive of a kitchen"
        hidden
        onChange={({ target }) => {
          setFile(target.files?.[0] ?? null);
          target.value = '';
        }}
      />
      {undo?.until ? (
        <View className="gap-2 rounded-[12px] border border-line bg-sheet p-4">
          <Text>
            A kitchen was brought in. Until {dayWords(new Date(undo.until))} this one can be as it was before; what was
            done since then goes with it.
          </Text>
          <Button
            label="Take it back"
            kind="danger"
            className="self-start"
            disabled={taking.isLoading}
            onPress={() => void back()}
          />
        </View>
      ) : null}
      {file ? <ArchiveSheet file={file} onClose={() => setFile(null)} onDone={beginAnew} /> : null}
    </View>
  );
}
