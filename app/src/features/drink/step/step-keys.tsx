import ArrowDown from 'lucide-react-native/icons/arrow-down';
import ArrowUp from 'lucide-react-native/icons/arrow-up';
import Copy from 'lucide-react-native/icons/copy';
import SlidersHorizontal from 'lucide-react-native/icons/sliders-horizontal';
import Trash from 'lucide-react-native/icons/trash';
import type { ReactNode } from 'react';
import { View } from 'react-native';
import { Button } from '../../../ui/button';
import { IconButton } from '../../../ui/icon-button';
import type { StepRowActions } from './step-row-actions';

interface StepKeysProps extends StepRowActions {
  readonly id: string;
  /** Places of the neighbours it can be moved to; null at an end. */
  readonly up: number | null;
  readonly down: number | null;
  readonly onEdit: (id: string | null) => void;
  /** Between the step's own keys and Done. */
  readonly children?: ReactNode;
}

/** What can be done with the step that is edited. */
export function StepKeys({ id, up, down, onEdit, onMove, onRemove, onDuplicate, onOpen, children }: StepKeysProps) {
  return (
    <>
      <IconButton
        icon={ArrowUp}
        label="Move up"
        why={up === null ? 'It is the first step' : null}
        onPress={() => up !== null && onMove(id, up)}
      />
      <IconButton
        icon={ArrowDown}
        label="Move down"
        why={down === null ? 'It is the last step' : null}
        onPress={() => down !== null && onMove(id, down)}
      />
      <IconButton icon={Copy} label="Duplicate step" onPress={() => onDuplicate(id)} />
      <IconButton
        icon={SlidersHorizontal}
        label="More about this step"
        onPress={() => {
          // What the sheet changes is not what stands in the box.
          onEdit(null);
          onOpen(id);
        }}
      />
      <IconButton icon={Trash} label="Remove step" onPress={() => onRemove(id)} />
      <View className="flex-1" />
      {children}
      <Button label="Done" kind="quiet" onPress={() => onEdit(null)} />
    </>
  );
}
