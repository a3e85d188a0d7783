import type { Analysis } from '@wellhydra/core/analyse';
import { View } from 'react-native';
import { cautionsView, keepingView } from '../../../domain/drinks/cautions-view';
import { Text } from '../../../ui/text';
import type { SpreadAnswer } from './answer-spread';
import { CautionList } from './cautions';
import { oddsWords, targetWords } from './target-words';

/** Under the figures: how it stands to its target, what to heed, how it keeps. */
export function MoreAboutIt({
  analysis,
  spread,
  partial,
}: {
  readonly analysis: Analysis;
  readonly spread: SpreadAnswer;
  /** A part of it is not read: nothing is promised of the rest. */
  readonly partial: boolean;
}) {
  const cautions = cautionsView(analysis);
  const keeping = partial ? null : keepingView(analysis);
  const target = partial ? null : targetWords(analysis);
  const odds = oddsWords(spread.chanceTooSalty);
  return (
    <View className="gap-5 pt-2">
      {target ? (
        <View className="gap-1">
          <Text className="text-14 leading-20 text-panelmute">{target}</Text>
          {odds ? <Text className="text-14 leading-20 text-panelmute">{odds}</Text> : null}
        </View>
      ) : null}
      <CautionList cautions={cautions.others} />
      {keeping ? (
        <View className="gap-1">
          <Text variant="heading" className="text-onpanel">
            {keeping.title}
          </Text>
          <Text className="text-15 leading-22 text-panelmute">{keeping.text}</Text>
        </View>
      ) : null}
    </View>
  );
}
