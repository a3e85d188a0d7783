import type { BottleRecord } from '@wellhydra/contract';
import { router } from 'expo-router';
import { useEffect, useRef, useState } from 'react';
import { View } from 'react-native';
import { Button } from '../../../ui/button';
import { Sheet } from '../../../ui/sheet';
import { Refusal } from '../../../ui/refusal';
import { Text } from '../../../ui/text';
import { bottleOfCode, readCode, readCodeOf } from './read-code';

interface ScanSheetProps {
  readonly bottles: readonly BottleRecord[];
  readonly onClose: () => void;
}

const LOOK_EVERY_ms = 250;

/** Finds a bottle by the code on its label: with the camera, or in a picture of it. */
export function ScanSheet({ bottles, onClose }: ScanSheetProps) {
  const video = useRef<HTMLVideoElement>(null);
  const [camera, setCamera] = useState<'off' | 'on' | 'refused'>('off');
  const [said, setSaid] = useState('');
  const take = (code: string | null): boolean => {
    if (code === null) return false;
    const id = bottleOfCode(code);
    if (!id) {
      setSaid('That code is not on a label of this kitchen.');
      return false;
    }
    onClose();
    router.push(`/bottles/${id}`);
    return true;
  };
  useEffect(() => {
    if (camera !== 'on') return undefined;
    let stream: MediaStream | undefined;
    let over = false;
    navigator.mediaDevices.getUserMedia({ video: { facingMode: 'environment' } }).then(
      (opened) => {
        if (over) return opened.getTracks().forEach((track) => track.stop());
        stream = opened;
        if (video.current) {
          video.current.srcObject = opened;
          void video.current.play();
        }
      },
      () => setCamera('refused'),
    );
    const looking = setInterval(() => {
      const seen = video.current;
      if (seen && seen.videoWidth > 0) take(readCode(seen, seen.videoWidth, seen.videoHeight));
    }, LOOK_EVERY_ms);
    return () => {
      over = true;
      clearInterval(looking);
      stream?.getTracks().forEach((track) => track.stop());
    };
    // The camera stays as it is while words change.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [camera]);
  const fromFile = async (file: File | undefined) => {
    if (!file) return;
    try {
      const code = await readCodeOf(file);
      if (code === null) setSaid('There is no code to be seen in that picture. Come nearer, with more light.');
      else take(code);
    } catch {
      setSaid('That is no picture.');
    }
  };
  return (
    <Sheet title="Scan a label" open onClose={onClose}>
      {camera === 'on' ? (
        <video
          ref={video}
          muted
          playsInline
          aria-label="What the camera sees"
          className="w-full rounded-[12px] bg-black"
        />
      ) : typeof navigator.mediaDevices?.getUserMedia === 'function' ? (
        <Button label="With the camera" size="large" onPress={() => setCamera('on')} />
      ) : null}
      {camera === 'refused' ? (
        <Text variant="small" role="alert" className="text-heat">
          The browser does not let the camera be used. A picture of the label does as well.
        </Text>
      ) : null}
      <View className="gap-1">
        <Text variant="smallStrong">Or a picture of the label</Text>
        <input
          type="file"
          accept="image/*"
          capture="environment"
          aria-label="A picture of the label"
          onChange={(event) => void fromFile(event.target.files?.[0])}
          className="min-h-[48px] font-body text-15 text-ink"
        />
      </View>
      <Refusal message={said || null} />
      <Text variant="small">{`The code leads to the bottle’s own page. ${bottles.length} stand on the shelf.`}</Text>
    </Sheet>
  );
}
