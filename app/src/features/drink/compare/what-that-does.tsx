import { View } from 'react-native';
import { Button } from '../../../ui/button';
import { Rail } from '../../../ui/rail';
import { Text } from '../../../ui/text';
import type { FigureView } from '../figures/figures-view';
import type { DifferenceView } from './differences';
import type { Differences } from './use-differences';

interface WhatThatDoesProps {
  /** Figures that differ, as the second drink has them. */
  readonly rails: readonly FigureView[];
  /** Whether any step differs. */
  readonly differ: boolean;
  readonly differences: Differences;
  readonly title: string;
  readonly onTake: ((difference: DifferenceView) => void) | undefined;
}

/** What differs in what comes out, and what each difference in the steps does by itself. */
export function WhatThatDoes({ rails, differ, differences, title, onTake }: WhatThatDoesProps) {
  return (
    <View className="gap-4">
      <View className="gap-1">
        <Text className="text-15 text-panelmute">{title}</Text>
        <Text variant="heading" className="text-onpanel">
          What that does
        </Text>
      </View>
      {rails.length === 0 ? (
        <Text className="text-onpanel">Nothing differs in what comes out.</Text>
      ) : (
        <View role="list" aria-label="What that does" className="gap-3">
          {rails.map(({ id, spoken, equal, ...figure }) => (
            <View key={id} role="listitem">
              <Rail id={id} {...figure} spoken={`${spoken}, in the first ${figure.was}`} />
              {equal ? <Text className="text-13 leading-18 text-panelmute">{equal}</Text> : null}
            </View>
          ))}
        </View>
      )}
      {differ ? <Each differences={differences} onTake={onTake} /> : null}
    </View>
  );
}

function Each({ differences: { known, current, problem }, onTake }: Pick<WhatThatDoesProps, 'differences' | 'onTake'>) {
  return (
    <>
      <Text variant="subheading" className="text-onpanel">
        Each by itself
      </Text>
      {problem ? (
        <Text role="alert" className="text-[#FFB199]">
          {problem}
        </Text>
      ) : null}
      {known || problem ? null : <Text className="text-15 leading-20 text-panelmute">Being worked out</Text>}
      <View role="list" aria-label="Each by itself" aria-busy={!current} className="gap-4">
        {known?.map((each) => (
          <View key={each.key} role="listitem" className="gap-1">
            <Text className="text-15 font-bold leading-20 text-onpanel">{each.title}</Text>
            <Text className="text-15 leading-20 text-panelmute">{each.does}</Text>
            {onTake ? (
              <Button
                label="Take this over"
                hint={`Take this over: ${each.title}`}
                kind="onPanel"
                className="self-start"
                why={current ? null : 'What it does by now is being worked out'}
                onPress={() => onTake(each)}
              />
            ) : null}
          </View>
        ))}
      </View>
    </>
  );
}
