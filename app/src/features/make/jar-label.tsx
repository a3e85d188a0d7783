import { standingJar } from '@wellhydra/core/brew';
import { useMemo, useState } from 'react';
import { View } from 'react-native';
import { dayWords } from '../../domain/words/moment-words';
import { Button } from '../../ui/button';
import { Text } from '../../ui/text';
import { useNow } from '../../ui/use-now';
import { LabelSheet } from '../bottles/labels/label-sheet';
import type { MakingProps } from './use-brew';

type JarLabelProps = Pick<MakingProps, 'brew' | 'recipe' | 'state' | 'run'> & { readonly step: string };

const HOUR_ms = 3_600_000;

/** A jar that stands for long wears a label as well: what it is, and when it is strained. */
export function JarLabel({ brew, recipe, state, run, step }: JarLabelProps) {
  const [open, setOpen] = useState(false);
  const now = useNow(HOUR_ms);
  const jar = useMemo(
    () => standingJar(recipe, state, run, { startedAt: new Date(brew.startedAt), now }),
    [recipe, state, run, brew.startedAt, now],
  );
  if (jar?.step !== step) return null;
  const until = dayWords(jar.until);
  return (
    <View className="flex-row flex-wrap items-center justify-between gap-3 rounded-[18px] bg-[#163B3B] p-4">
      <Text className="shrink text-17 text-onpanel">
        {jar.strained ? `Strain by ${until}` : `It stands until ${until}`}
      </Text>
      <Button label="Label the jar" kind="onPanel" size="large" onPress={() => setOpen(true)} />
      {open ? <LabelSheet bottles={[]} brews={[brew.id]} onClose={() => setOpen(false)} /> : null}
    </View>
  );
}
