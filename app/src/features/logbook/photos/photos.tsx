import type { LogbookBrew } from '@wellhydra/contract';
import { PHOTO_LIMITS } from '@wellhydra/contract/field-limits';
import { useMemo, useRef, useState } from 'react';
import { Pressable, View } from 'react-native';
import { photoAdded, photoTakenOut, shownPhotos, type ShownPhoto } from '../../../domain/logbook/logbook-deeds';
import { useAppDispatch, useAppSelector } from '../../../domain/store';
import { dayWords } from '../../../domain/words/moment-words';
import { WorkerError } from '../../../domain/workers/worker-client';
import { noticeRaised } from '../../../state/notices';
import { Button } from '../../../ui/button';
import { Field } from '../../../ui/field';
import { Sheet } from '../../../ui/sheet';
import { Text } from '../../../ui/text';
import { openShrinkClient } from './shrink-client';

const UNREADABLE = 'This is no picture that can be shown here. Take a JPEG, PNG or WebP.';

/** Photos of a brew, without the place and the device they were taken with. */
export function Photos({ brew }: { readonly brew: LogbookBrew }) {
  const dispatch = useAppDispatch();
  const picker = useRef<HTMLInputElement>(null);
  const waiting = useAppSelector((state) => state.queue.entries);
  const photos = useMemo(() => shownPhotos(brew, waiting), [brew, waiting]);
  const [words, setWords] = useState('');
  const [busy, setBusy] = useState(0);
  const [shown, setShown] = useState<ShownPhoto | null>(null);
  const say = (text: string) => void dispatch(noticeRaised({ text, grave: true }));
  const room = PHOTO_LIMITS.ofBrew - photos.length;
  const keep = async (files: readonly File[]) => {
    if (files.length > room) say(`A brew has ${PHOTO_LIMITS.ofBrew} photos: ${room} more can be added.`);
    const taken = files.slice(0, room);
    const client = openShrinkClient();
    setBusy(taken.length);
    for (const file of taken) {
      try {
        const answer = await client.ask(file);
        if ('trouble' in answer) say(`${file.name}: ${UNREADABLE}`);
        else {
          const at = new Date().toISOString();
          const { picture } = answer;
          dispatch(photoAdded(brew, { photoId: crypto.randomUUID(), words: words.trim(), at, picture }));
        }
      } catch (error) {
        if (!(error instanceof WorkerError)) throw error;
        say(`${file.name}: ${error.message}`);
      }
      setBusy((left) => left - 1);
    }
    client.close();
    setWords('');
  };
  return (
    <View className="gap-2">
      <Text variant="heading">Photos</Text>
      {photos.length > 0 ? (
        <View role="list" aria-label="Photos" className="flex-row flex-wrap gap-2">
          {photos.map((photo, index) => (
            <View key={photo.id} role="listitem">
              <Pressable
                role="button"
                aria-label={`Photo ${index + 1}: ${photo.words || dayWords(new Date(photo.at))}${photo.waits ? ', waits to be sent' : ''}`}
                onPress={() => setShown(photo)}
                className="h-[104px] w-[104px] overflow-hidden rounded-[12px] bg-line"
              >
                <img
                  src={photo.thumbnail}
                  alt=""
                  width={104}
                  height={104}
                  style={{ width: 104, height: 104, objectFit: 'cover' }}
                />
                {photo.waits ? (
                  <Text variant="small" className="absolute bottom-0 w-full bg-amber px-2 text-onamber">
                    waits
                  </Text>
                ) : null}
              </Pressable>
            </View>
          ))}
        </View>
      ) : (
        <Text className="text-mute">The colour, the label, the thickness on a spoon: what words say badly.</Text>
      )}
      {room > 0 ? (
        <View className="gap-2 md:max-w-[520px]">
          <Field
            label="What the next photo shows"
            value={words}
            onChangeText={setWords}
            maxLength={PHOTO_LIMITS.words}
            help="Place and device are taken out of a photo before it is kept."
          />
          <input
            ref={picker}
            type="file"
            accept="image/jpeg,image/png,image/webp"
            multiple
            aria-label="Photos to add"
            style={{ display: 'none' }}
            onChange={({ target }) => {
              const files = [...(target.files ?? [])];
              target.value = '';
              void keep(files);
            }}
          />
          <Button
            label={busy > 0 ? `Keeping ${busy}` : 'Add a photo'}
            kind="plain"
            className="self-start"
            disabled={busy > 0}
            onPress={() => picker.current?.click()}
          />
        </View>
      ) : (
        <Text variant="small">A brew has {PHOTO_LIMITS.ofBrew} photos; take one out to add another.</Text>
      )}
      {shown ? <PhotoSheet brew={brew} photo={shown} onClose={() => setShown(null)} /> : null}
    </View>
  );
}

interface PhotoSheetProps {
  readonly brew: LogbookBrew;
  readonly photo: ShownPhoto;
  readonly onClose: () => void;
}

function PhotoSheet({ brew, photo, onClose }: PhotoSheetProps) {
  const dispatch = useAppDispatch();
  const [sure, setSure] = useState(false);
  const takeOut = () => {
    dispatch(photoTakenOut(brew, photo.id));
    onClose();
    dispatch(noticeRaised({ text: 'The photo is out' }));
  };
  return (
    <Sheet title={photo.words || 'A photo'} open onClose={onClose} wide>
      <img
        src={photo.picture}
        alt={photo.words || `Photo of ${dayWords(new Date(photo.at))}`}
        style={{ maxWidth: '100%', height: 'auto', borderRadius: 12 }}
      />
      <Text variant="small">
        {dayWords(new Date(photo.at))}
        {photo.waits ? '; on this device only, until it can be sent' : ''}
      </Text>
      <View className="flex-row flex-wrap gap-2">
        <Button
          label={sure ? 'Take it out for good' : 'Take it out'}
          kind="danger"
          onPress={() => (sure ? takeOut() : setSure(true))}
        />
        {sure ? <Button label="Keep it" kind="plain" onPress={() => setSure(false)} /> : null}
      </View>
    </Sheet>
  );
}
