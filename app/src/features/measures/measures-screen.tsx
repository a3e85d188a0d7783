import Plus from 'lucide-react-native/icons/plus';
import { router } from 'expo-router';
import { useState } from 'react';
import { View } from 'react-native';
import { useRunContext } from '../../domain/run/use-run-context';
import { useAppDispatch } from '../../domain/store';
import { FAILURE_WORDS } from '../../domain/workers/worker-client';
import { noticeRaised } from '../../state/notices';
import { keepAction } from '../../state/undo-actions';
import { Button } from '../../ui/button';
import { Page } from '../../ui/page';
import { Loading } from '../../ui/page-state';
import { Text } from '../../ui/text';
import { Toggle } from '../../ui/toggle';
import { MeasurePicture } from './measure-picture';
import { broughtWords, measureView } from './measures-view';
import { useMeasures } from './use-measures';
import { useWorth } from './use-worth';
import { WeighSheet } from './weigh-sheet';
import { WorthRow } from './worth-row';

const MOST_WORTH = 4;

type Begin = { readonly name: string; readonly of: string; readonly onlyMine: boolean };

/** Own pinches, handfuls, knobs and mugs, as they were weighed. */
export function MeasuresScreen() {
  const dispatch = useAppDispatch();
  const measures = useMeasures();
  const context = useRunContext();
  const { answer, failure } = useWorth();
  const [weighing, setWeighing] = useState<Begin | 'new' | null>(null);
  if (!measures.ready) return <Loading what="your measures" />;
  const shown = measures.measures.flatMap((measure) => {
    const view = measureView(measure, context.options.own);
    return view ? [{ measure, view }] : [];
  });
  const worth = answer?.worth.slice(0, MOST_WORTH) ?? [];
  return (
    <Page
      title="My measures"
      aside={measures.state}
      actions={
        <View className="flex-row flex-wrap gap-2">
          <Button label="Weigh a measure" icon={Plus} onPress={() => setWeighing('new')} />
          <Button label="Practise guessing" kind="plain" onPress={() => router.push('/practice')} />
          <Button label="To the stores" kind="plain" onPress={() => router.push('/stores')} />
        </View>
      }
    >
      {shown.length === 0 ? (
        <Text className="text-mute">
          A pinch is not a pinch: from hand to hand it differs by half. Weigh yours a few times, and every drink you
          make by hand is worked out with your own.
        </Text>
      ) : null}
      <View role="list" aria-label="My measures" className="gap-3 md:grid md:grid-cols-2">
        {shown.map(({ measure, view }) => (
          <View key={view.id} role="listitem" className="gap-1 rounded-[18px] bg-sheet p-4">
            <Text variant="strong">{view.title}</Text>
            <MeasurePicture picture={view.picture} />
            <Text>{view.words}</Text>
            <Text variant="small">{view.used}</Text>
            {failure ? null : (
              // As high before it is known as after: what stands below does not move.
              <Text variant="small" className="min-h-[48px]">
                {answer ? broughtWords(answer.surer[view.id]) : 'Your drinks are being looked through'}
              </Text>
            )}
            <Toggle
              label="Only for what I make"
              value={view.onlyMine}
              onChange={(onlyMine) => measures.setOnlyMine(view.id, onlyMine)}
            />
            <View className="flex-row flex-wrap gap-2">
              <Button
                label="Weigh it again"
                kind="plain"
                hint={`Weigh it again: ${view.title}`}
                onPress={() =>
                  setWeighing({
                    name: measure.name,
                    of: view.thing,
                    onlyMine: measure.member !== undefined,
                  })
                }
              />
              <Button
                label="Remove"
                kind="plain"
                hint={`Remove: ${view.title}`}
                onPress={() => {
                  measures.remove(view.id);
                  const run = keepAction(() => measures.restore(measure));
                  dispatch(noticeRaised({ text: `${view.title} is removed`, action: { label: 'Undo', run } }));
                }}
              />
            </View>
          </View>
        ))}
      </View>
      {failure ? <Text>{FAILURE_WORDS[failure]}</Text> : null}
      {worth.length > 0 ? (
        <View className="gap-2">
          <Text variant="heading">Worth weighing</Text>
          <Text className="text-mute">
            Each of your drinks was tried a few hundred times with the measure as hands differ, and as if it were
            weighed. What would make them surest stands first.
          </Text>
          <View role="list" aria-label="Worth weighing">
            {worth.map((each) => (
              <WorthRow
                key={`${each.name} ${each.of.id}`}
                worth={each}
                label="Weigh it"
                onPress={() => setWeighing({ name: each.name, of: each.of.name, onlyMine: false })}
              />
            ))}
          </View>
        </View>
      ) : null}
      {weighing === null ? null : (
        <WeighSheet
          measures={measures}
          begin={weighing === 'new' ? null : weighing}
          onClose={() => setWeighing(null)}
        />
      )}
    </Page>
  );
}
