import { router } from 'expo-router';
import { useState, type ReactNode } from 'react';
import { View } from 'react-native';
import { noticeRaised } from '../../state/notices';
import { useAppDispatch } from '../../state/store';
import { Button } from '../../ui/button';
import { Choice } from '../../ui/choice';
import { MomentField } from '../../ui/moment-field';
import { Page } from '../../ui/page';
import { Sheet } from '../../ui/sheet';
import { Text } from '../../ui/text';
import { useNow } from '../../ui/use-now';
import { minutesWords } from '../drink/minutes-words';
import { PlanChart } from './plan-chart';
import { handsOnOf, planRows, shoppingOf, type HandsOn, type PlanRow } from './plan-view';
import type { PlannableDrink } from './planned-drinks';
import { hoursChosen, planAgreed, wishAdded, wishChanged, wishRemoved, type Plans } from './plans';
import { saveCalendar } from './save-calendar';
import { usePlan } from './use-plan';

const moment = new Intl.DateTimeFormat('en-GB', { weekday: 'short', hour: '2-digit', minute: '2-digit' });
const COOKS = ['1', '2', '3'].map((value) => ({ value, label: value }));

/** Several drinks to be ready by given times, in this kitchen. */
export function PlanScreen() {
  const now = useNow();
  const dispatch = useAppDispatch();
  const { plans, drinks, planned, pots, answer } = usePlan(now);
  const [adding, setAdding] = useState(false);
  const begin = answer ? new Date(answer.begin) : now;
  const rows = answer ? planRows(planned, answer.problem, answer.schedule, pots, { begin, now }) : [];
  const hands = handsOnOf(rows);
  const pin = usePinning();
  const move = (id: string, to: Date) => {
    const row = rows.find((each) => each.id === id);
    if (row) pin(row, new Date(Math.max(to.getTime(), begin.getTime())));
  };
  const agree = () => {
    dispatch(planAgreed(Object.fromEntries(rows.map((row) => [row.id, row.begin.toISOString()]))));
    dispatch(noticeRaised({ text: 'Agreed: what is missed is said here, and the rest is planned anew' }));
  };
  return (
    <Page
      title="Plan"
      aside={answer ? boundWords(answer.schedule) : ''}
      actions={<Button label="Add a drink" className="self-start" onPress={() => setAdding(true)} />}
    >
      {rows.length === 0 ? (
        <Text className="text-mute">
          Say which drinks are wanted, and by when. They are fitted to cooks, burners, pots, the fridge and the night,
          preparations first, and none is made so early that it is past its best.
        </Text>
      ) : (
        <>
          <PlanChart rows={rows} begin={begin} onMove={move} />
          <Text variant="small">
            Solid: hands needed. Thin: it waits. The red line is when it is wanted. Drag a drink, or move it with the
            arrow keys, and it stays where you put it.
          </Text>
          <View role="list" aria-label="Planned drinks">
            {rows.map((row) => (
              <PlannedRow key={row.id} row={row} />
            ))}
          </View>
          <View className="flex-row flex-wrap gap-2">
            <Button label="Agree on this plan" onPress={agree} />
            <Button label="Calendar file" kind="plain" onPress={() => void saveCalendar(hands, dispatch)} />
          </View>
        </>
      )}
      <Hours plans={plans} />
      {hands.length > 0 ? <HandsList hands={hands} /> : null}
      {planned.length > 0 ? <ShoppingList planned={planned} /> : null}
      {adding ? <AddWish drinks={drinks} now={now} onClose={() => setAdding(false)} /> : null}
    </Page>
  );
}

/** Sets when a drink is begun; a preparation that is made for another is wanted by itself from then on. */
function usePinning() {
  const dispatch = useAppDispatch();
  return ({ id, drinkId, readyBy, goesInto }: PlanRow, at: Date | null) => {
    const pinned = at?.toISOString() ?? null;
    if (goesInto === null) dispatch(wishChanged({ id, pinned }));
    else dispatch(wishAdded({ id: crypto.randomUUID(), drinkId, readyBy: readyBy.toISOString(), pinned }));
  };
}

/** How good the plan is: proven, or at most so much better. */
function boundWords({ cost, lowerBound, proven }: { cost: number; lowerBound: number; proven: boolean }): string {
  if (proven) return cost < 1 ? 'everything just in time' : 'no better plan there is';
  return `at most ${minutesWords(Math.max(0, cost - lowerBound))} of waiting could be saved`;
}

function PlannedRow({ row }: { readonly row: PlanRow }) {
  const dispatch = useAppDispatch();
  const pin = usePinning();
  return (
    <View role="listitem" className="gap-1 border-b border-line py-2">
      <View className="flex-row flex-wrap items-center justify-between gap-2">
        <View className="min-w-[200px] flex-1">
          <Text variant="strong">{row.name}</Text>
          <Text variant="small">
            {moment.format(row.begin)} to {moment.format(row.end)}
            {row.words ? ` · ${row.words}` : ''}
          </Text>
          {row.goesInto ? <Text variant="small">goes into {row.goesInto}; none stands on the shelf</Text> : null}
          {row.trouble ? (
            <Text variant="smallStrong" role="status" className="text-heat">
              {row.trouble}
            </Text>
          ) : null}
        </View>
        <View className="flex-row flex-wrap gap-1">
          <Button
            label={row.pinned ? 'Let go' : 'Pin'}
            hint={`${row.pinned ? 'Let go' : 'Pin'} ${row.name}`}
            kind="quiet"
            onPress={() => pin(row, row.pinned ? null : row.begin)}
          />
          <Button
            label="Make it"
            hint={`Make it: ${row.name}`}
            kind="plain"
            onPress={() => router.push(`/make/new?drink=${row.drinkId}`)}
          />
          {row.goesInto ? null : (
            <Button
              label="Remove"
              hint={`Remove ${row.name}`}
              kind="quiet"
              onPress={() => dispatch(wishRemoved(row.id))}
            />
          )}
        </View>
      </View>
      {row.goesInto ? null : (
        <MomentField
          label={`Ready by, ${row.name}`}
          bare
          value={row.readyBy}
          onChange={(at) => dispatch(wishChanged({ id: row.id, readyBy: at.toISOString(), agreed: null }))}
        />
      )}
    </View>
  );
}

function Section({ title, children }: { readonly title: string; readonly children: ReactNode }) {
  return (
    <View className="gap-2 pt-2">
      <Text variant="heading">{title}</Text>
      {children}
    </View>
  );
}

const clock = (minutes: number): string =>
  `${String(Math.floor(minutes / 60)).padStart(2, '0')}:${String(minutes % 60).padStart(2, '0')}`;
const minutesOf = (text: string): number | null => {
  const match = /^(\d{2}):(\d{2})$/.exec(text);
  return match ? 60 * Number(match[1]) + Number(match[2]) : null;
};

function Hours({ plans }: { readonly plans: Plans }) {
  const dispatch = useAppDispatch();
  const time = (label: string, value: number, name: 'bed_min' | 'up_min') => (
    <View className="gap-1">
      <Text variant="smallStrong">{label}</Text>
      <input
        type="time"
        aria-label={label}
        value={clock(value)}
        onChange={(event) => {
          const minutes = minutesOf(event.target.value);
          if (minutes !== null) dispatch(hoursChosen({ [name]: minutes }));
        }}
        className="min-h-[44px] rounded-[10px] border border-line bg-sheet px-3 font-body text-[16px] text-ink"
      />
    </View>
  );
  return (
    <Section title="Who is up">
      <View className="flex-row flex-wrap items-end gap-4">
        <View className="gap-1">
          <Text variant="smallStrong">Cooks</Text>
          <Choice
            label="Cooks"
            options={COOKS}
            value={String(plans.cooks)}
            onChange={(value) => dispatch(hoursChosen({ cooks: Number(value) }))}
          />
        </View>
        {time('To bed', plans.bed_min, 'bed_min')}
        {time('Up again', plans.up_min, 'up_min')}
      </View>
    </Section>
  );
}

function HandsList({ hands }: { readonly hands: readonly HandsOn[] }) {
  return (
    <Section title="Hands needed">
      <View role="list" aria-label="Hands needed">
        {hands.map(({ id, title, drink, from, to }) => (
          <View key={id} role="listitem" className="flex-row gap-3 border-b border-line py-2">
            <Text variant="strong" className="w-[104px]">
              {moment.format(from)}
            </Text>
            <View className="flex-1">
              <Text>{title}</Text>
              <Text variant="small">
                {drink} · {minutesWords((to.getTime() - from.getTime()) / 60_000)}
              </Text>
            </View>
          </View>
        ))}
      </View>
    </Section>
  );
}

function ShoppingList({ planned }: { readonly planned: Parameters<typeof shoppingOf>[0] }) {
  const dispatch = useAppDispatch();
  const list = shoppingOf(planned);
  const copy = async () => {
    const text = list.map(({ name, total }) => `${total} ${name.toLowerCase()}`).join('\n');
    try {
      await navigator.clipboard.writeText(text);
      dispatch(noticeRaised({ text: 'The list is copied' }));
    } catch {
      dispatch(
        noticeRaised({ text: 'This browser does not let it be copied. Mark it and copy it by hand.', grave: true }),
      );
    }
  };
  return (
    <Section title="To have in the house">
      <View role="list" aria-label="To have in the house">
        {list.map(({ name, total, lines }) => (
          <View key={name} role="listitem" className="border-b border-line py-2">
            <Text>
              <Text variant="strong">{total}</Text> {name.toLowerCase()}
            </Text>
            <Text variant="small">{lines.join('; ')}</Text>
          </View>
        ))}
      </View>
      <Button label="Copy the list" kind="plain" className="self-start" onPress={() => void copy()} />
    </Section>
  );
}

/** A drink is wanted tomorrow at noon where nobody says otherwise. */
function tomorrowNoon(now: Date): Date {
  return new Date(now.getFullYear(), now.getMonth(), now.getDate() + 1, 12);
}

function AddWish({
  drinks,
  now,
  onClose,
}: {
  readonly drinks: readonly PlannableDrink[];
  readonly now: Date;
  readonly onClose: () => void;
}) {
  const dispatch = useAppDispatch();
  const [readyBy, setReadyBy] = useState(() => tomorrowNoon(now));
  const add = (drinkId: string) => {
    dispatch(wishAdded({ id: crypto.randomUUID(), drinkId, readyBy: readyBy.toISOString() }));
    onClose();
  };
  return (
    <Sheet title="What, and by when" open onClose={onClose}>
      <MomentField label="Ready by" value={readyBy} onChange={setReadyBy} />
      {drinks.length === 0 ? <Text className="text-mute">There are no drinks yet.</Text> : null}
      <View role="list" aria-label="Drinks to plan">
        {drinks.map(({ id, document }) => (
          <View
            key={id}
            role="listitem"
            className="flex-row items-center justify-between gap-2 border-b border-line py-1"
          >
            <Text className="shrink">{document.name || 'Unnamed drink'}</Text>
            <Button label="Plan" hint={`Plan ${document.name}`} kind="quiet" onPress={() => add(id)} />
          </View>
        ))}
      </View>
    </Sheet>
  );
}
