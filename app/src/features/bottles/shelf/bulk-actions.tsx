import type { BottleRecord } from '@wellhydra/contract';
import { useState } from 'react';
import { View } from 'react-native';
import { Button } from '../../../ui/button';
import { Text } from '../../../ui/text';
import { DiscardSheet } from '../changes/discard-sheet';
import { MoveSheet } from '../changes/move-sheet';
import { LabelSheet } from '../labels/label-sheet';

interface BulkActionsProps {
  readonly bottles: readonly BottleRecord[];
  readonly onDone: () => void;
}

/** What can be done with all that are chosen. */
export function BulkActions({ bottles, onDone }: BulkActionsProps) {
  const [open, setOpen] = useState<'move' | 'discard' | 'labels' | null>(null);
  const close = () => setOpen(null);
  const none = bottles.length === 0;
  return (
    <View
      role="toolbar"
      aria-label="What is done with the chosen bottles"
      className="flex-row flex-wrap items-center gap-2"
    >
      <Text variant="smallStrong" className="min-w-[76px]">
        {none ? 'None chosen' : `${bottles.length} chosen`}
      </Text>
      <Button
        label="Move"
        kind="plain"
        why={none ? 'Choose bottles in the table first' : null}
        onPress={() => setOpen('move')}
      />
      <Button
        label="Labels"
        kind="plain"
        why={none ? 'Choose bottles in the table first' : null}
        onPress={() => setOpen('labels')}
      />
      <Button
        label="Throw away"
        kind="danger"
        why={none ? 'Choose bottles in the table first' : null}
        onPress={() => setOpen('discard')}
      />
      {open === 'move' ? <MoveSheet bottles={bottles} onClose={close} onDone={onDone} /> : null}
      {open === 'discard' ? <DiscardSheet bottles={bottles} onClose={close} onDone={onDone} /> : null}
      {open === 'labels' ? <LabelSheet bottles={bottles} onClose={close} /> : null}
    </View>
  );
}
