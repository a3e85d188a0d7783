import type { DrinkDocument } from '@wellhydra/core/drink';
import { useMemo } from 'react';
import { View } from 'react-native';
import Svg, { Circle, Line } from 'react-native-svg';
import { useGetTriedQuery } from '../../../domain/logbook/logbook-endpoints';
import type { RunContext } from '../../../domain/run/run-context';
import { failureOf } from '../../../state/api';
import { Button } from '../../../ui/button';
import { Sheet } from '../../../ui/sheet';
import { Text } from '../../../ui/text';
import { wentWellView, type LikedView } from './went-well-view';

interface WentWellSheetProps {
  readonly drinkId: string;
  readonly document: DrinkDocument;
  readonly context: RunContext;
  readonly onTake: (trial: DrinkDocument, text: string) => void;
  readonly onClose: () => void;
}

/** What the tastings of its brews liked, and one thing to change next. */
export function WentWellSheet({ drinkId, document, context, onTake, onClose }: WentWellSheetProps) {
  const { data, error } = useGetTriedQuery(drinkId, { refetchOnMountOrArgChange: true });
  const view = useMemo(() => (data ? wentWellView(data, document, context) : null), [data, document, context]);
  const trial = view?.kind === 'known' ? view.trial : null;
  return (
    <Sheet title="What went well" open onClose={onClose}>
      {error && !data ? <Text role="alert">{failureOf(error).message}</Text> : null}
      {view?.kind === 'too-few' ? <Text>{view.words}</Text> : null}
      {view?.kind === 'known' ? (
        <>
          <Text className="text-mute">{view.about}</Text>
          <View role="list" aria-label="What the tastings liked" className="gap-3">
            {view.liked.map((each) => (
              <LikedRow key={each.key} liked={each} />
            ))}
          </View>
          {view.same ? <Text variant="small">The same in every brew: {view.same}.</Text> : null}
          {trial ? (
            <View className="gap-1 rounded-[14px] bg-mist p-4">
              <Text variant="subheading">Next: {trial.title}</Text>
              <Text>{trial.because}</Text>
              <Text variant="small">{trial.tells}</Text>
              {trial.document ? (
                <Button
                  label="Change it in the drink"
                  className="self-start"
                  onPress={() => onTake(trial.document!, `Changed for a trial: ${trial.title}`)}
                />
              ) : (
                <Text variant="small">No line of the drink says how much: change it while you make it.</Text>
              )}
            </View>
          ) : null}
        </>
      ) : null}
    </Sheet>
  );
}

const [WIDTH, HEIGHT, PAD] = [260, 70, 8] as const;

/** Taste against an amount, a dot a brew. */
function LikedRow({ liked: { name, words, sure, dots, spoken } }: { readonly liked: LikedView }) {
  return (
    <View role="listitem" className="gap-1 border-b border-line pb-2">
      <Text variant="strong">{name}</Text>
      <Text>{words}</Text>
      <Text variant="small">{sure}</Text>
      <View role="img" aria-label={spoken} className="max-w-[320px]">
        <Svg
          width="100%"
          viewBox={`0 0 ${WIDTH} ${HEIGHT}`}
          style={{ aspectRatio: WIDTH / HEIGHT, width: '100%' } as object}
        >
          <Line x1={PAD} x2={PAD} y1={PAD} y2={HEIGHT - PAD} stroke="rgb(var(--line))" strokeWidth={2} />
          <Line
            x1={PAD}
            x2={WIDTH - PAD}
            y1={HEIGHT - PAD}
            y2={HEIGHT - PAD}
            stroke="rgb(var(--line))"
            strokeWidth={2}
          />
          {dots.map(({ x, y }, index) => (
            <Circle
              key={index}
              cx={PAD + 6 + x * (WIDTH - 2 * PAD - 12)}
              cy={HEIGHT - PAD - 6 - y * (HEIGHT - 2 * PAD - 12)}
              r={5}
              fill="#7D2E56"
              opacity={0.6}
            />
          ))}
        </Svg>
      </View>
      <View className="max-w-[320px] flex-row justify-between">
        <Text variant="small">less of it</Text>
        <Text variant="small">more of it</Text>
      </View>
    </View>
  );
}
