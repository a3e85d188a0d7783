import type { BottleRecord } from '@wellhydra/contract';
import { View } from 'react-native';
import type { Had } from '../../domain/people/drunk';
import type { PersonRow } from '../../domain/people/use-people';
import { momentWords } from '../../domain/words/moment-words';
import { Text } from '../../ui/text';
import { cardViews } from '../people/cards/card-view';
import { LineGauge } from '../people/cards/line-gauge';
import { ShelfNote } from '../people/cards/shelf-note';
import { WeekLine } from '../people/person/week';
import { weekView } from '../people/person/week-view';
import { glassWords } from './drinker-view';

interface MyDayProps {
  readonly row: PersonRow;
  /** What they had today. */
  readonly had: readonly Had[];
  readonly week: readonly Had[];
  readonly bottles: readonly BottleRecord[];
  readonly now: Date;
}

/** What somebody had today, where their lines stand, and how the week was. */
export function MyDay({ row, had, week, bottles, now }: MyDayProps) {
  const [card] = cardViews([row], { had: week, bottles, now });
  const days = weekView(row.person, row.id, week, now);
  return (
    <View className="gap-3">
      <Text variant="heading">Today</Text>
      {had.length === 0 ? (
        <Text className="text-mute">Nothing yet today.</Text>
      ) : (
        <View role="list" aria-label="What you had today">
          {had.map((each) => (
            <View
              key={each.pour.id}
              role="listitem"
              className="min-h-[44px] flex-row flex-wrap items-center justify-between gap-x-3 border-b border-line py-1"
            >
              <Text className="shrink">{glassWords(each)}</Text>
              <Text variant="small">{momentWords(new Date(each.pour.pouredAt), now)}</Text>
            </View>
          ))}
        </View>
      )}
      {card!.lines.map((line) => (
        <LineGauge key={line.key} line={line} />
      ))}
      <ShelfNote shelf={card!.shelf} />
      {days.length > 0 ? (
        <>
          <Text variant="heading">Seven days</Text>
          {days.map((line) => (
            <WeekLine key={line.key} line={line} />
          ))}
        </>
      ) : null}
    </View>
  );
}
