import ChevronDown from 'lucide-react-native/icons/chevron-down';
import ChevronRight from 'lucide-react-native/icons/chevron-right';
import { memo } from 'react';
import { Pressable, View } from 'react-native';
import { Text } from '../../../ui/text';
import type { StandingPhase } from './use-phases';

interface PhaseHeadProps {
  readonly name: string;
  readonly count: number;
  readonly folded: boolean;
  readonly at: number;
  readonly onFold: (at: number, folded: boolean) => void;
}

const countWords = (count: number): string => (count === 1 ? '1 step' : `${count} steps`);

/** Over the steps of a phase, which it opens and folds. */
export const PhaseHead = memo(function PhaseHead({ name, count, folded, at, onFold }: PhaseHeadProps) {
  const Icon = folded ? ChevronRight : ChevronDown;
  return (
    <Pressable
      role="button"
      aria-expanded={!folded}
      onPress={() => onFold(at, !folded)}
      className="min-h-[44px] flex-row items-center gap-2 border-b border-line active:opacity-70"
    >
      <Text className="text-teal">
        <Icon size={18} color="currentColor" />
      </Text>
      <Text className="font-heading text-16 font-bold text-teal">{name}</Text>
      <Text variant="small">{countWords(count)}</Text>
    </Pressable>
  );
});

interface PhaseBarProps {
  readonly phases: readonly StandingPhase[];
  readonly onJump: (at: number) => void;
  readonly onFoldAll: (fold: boolean) => void;
}

/** Places to jump to in a long drink, and all of it folded at once. */
export const PhaseBar = memo(function PhaseBar({ phases, onJump, onFoldAll }: PhaseBarProps) {
  const allFolded = phases.every(({ folded }) => folded);
  return (
    <View role="group" aria-label="Phases" className="flex-row flex-wrap items-center gap-2">
      {phases.map(({ name }, at) => (
        <Pressable
          key={`${at} ${name}`}
          role="button"
          aria-label={`To ${name}, phase ${at + 1}`}
          onPress={() => onJump(at)}
          className="min-h-[44px] justify-center rounded-[10px] bg-mist px-3 active:opacity-70"
        >
          <Text variant="smallStrong">{name}</Text>
        </Pressable>
      ))}
      <Pressable
        role="button"
        onPress={() => onFoldAll(!allFolded)}
        className="min-h-[44px] justify-center px-2 active:opacity-70"
      >
        <Text variant="smallStrong" className="text-teal">
          {allFolded ? 'Open all' : 'Fold all'}
        </Text>
      </Pressable>
    </View>
  );
});
