import { View } from 'react-native';
import { Button } from '../../ui/button';
import { Text } from '../../ui/text';
import { Asks } from './asks';
import type { CheckView } from './check-view';
import { Runs } from './runs';
import { Slips } from './slips';

interface OutcomeProps {
  readonly view: CheckView;
  readonly onChange: (text: string, says: string) => void;
  readonly onKeep: () => void;
  /** The drink of the kitchen that is most like it. */
  readonly alike: string | null;
  /** Beside that one, or beside one that is chosen. */
  readonly onCompare: (withAlike: boolean) => void;
}

const count = (many: number, one: string): string => `${many} ${one}${many === 1 ? '' : 's'}`;

/** What comes of a recipe, on the dark panel: its slips, and what can be done with it. */
export function SlipsPanel({ view, alike, onChange, onKeep, onCompare }: OutcomeProps) {
  const { slips, unkept, repairAll } = view;
  return (
    <View className="on-panel gap-4 bg-panel p-4">
      <View className="gap-1">
        <Text variant="small" className="text-panelmute">
          {slips.length === 0 ? 'No slip was found' : `${count(slips.length, 'thing')} to know, worst first`}
        </Text>
        <Text variant="title" aria-level={2} className="text-28 leading-32 text-onpanel">
          What comes of it
        </Text>
      </View>
      <Slips slips={slips} onRepair={onChange} />
      {repairAll ? (
        <Button
          kind="onPanel"
          label={`Repair all ${repairAll.count}`}
          onPress={() => onChange(repairAll.text, `${repairAll.count} lines are mended`)}
        />
      ) : null}
      {unkept ? (
        <Text className="text-onpanel">{unkept}</Text>
      ) : (
        <View className="gap-2">
          <Button size="large" label="Keep it as a drink" onPress={onKeep} className="bg-chosen border-chosen" />
          {alike === null ? null : (
            <Button kind="onPanel" label={`Compare with “${alike}”`} onPress={() => onCompare(true)} />
          )}
          <Button
            kind="onPanel"
            label={alike === null ? 'Compare with one of mine' : 'Compare with another'}
            onPress={() => onCompare(false)}
          />
        </View>
      )}
    </View>
  );
}

/** What must be asked, and the steps. */
export function RunsPanel({
  view,
  onChange,
  onWrite,
}: Pick<OutcomeProps, 'view' | 'onChange'> & { readonly onWrite: () => void }) {
  return (
    <View className="gap-3 bg-sheet px-4 pb-5 pt-5">
      <View className="flex-row flex-wrap items-baseline justify-between gap-2">
        <Text variant="small">{view.drink ? view.drink.name : ''}</Text>
        <Text variant="small">{view.asks.length === 0 ? 'nothing to ask' : `${view.asks.length} asked`}</Text>
      </View>
      <Text variant="title" aria-level={2} className="text-28 leading-32">
        As it runs
      </Text>
      <Runs steps={view.steps} />
      <Asks asks={view.asks} onAnswer={onChange} onWrite={onWrite} />
    </View>
  );
}
