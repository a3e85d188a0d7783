import type { LotChange, LotRecord } from '@wellhydra/contract';
import { router } from 'expo-router';
import { useState } from 'react';
import { View } from 'react-native';
import { lotChanged, lotChangeUndone, lotSaved } from '../../domain/stores/lot-deeds';
import { useGetLotQuery, useListLotsQuery } from '../../domain/stores/store-endpoints';
import { useAppDispatch } from '../../domain/store';
import { ingredientName } from '../../domain/stores/ingredient-name';
import { useRunContext } from '../../domain/run/use-run-context';
import { showMoney } from '../../domain/words/money';
import { showMass } from '../../domain/words/units';
import { failureOf } from '../../state/api';
import { noticeRaised } from '../../state/notices';
import { keepAction } from '../../state/undo-actions';
import { Button } from '../../ui/button';
import { Page } from '../../ui/page';
import { Loading, Message } from '../../ui/page-state';
import { StopNote } from '../../ui/stop-note';
import { Text } from '../../ui/text';
import { useNow } from '../../ui/use-now';
import { LotSheet } from './lot-form';
import { Reached } from './reached';
import { ThrowAway, UseSome, Weigh } from './lot-changes';
import { lotView } from './stores-view';

/** How often other phones are listened to, ms. */
const POLL_ms = 15_000;

type Doing = 'weigh' | 'use' | 'away' | 'correct' | null;

/** Does something to a lot, tells of it, and offers the way back. */
function useChange(lot: LotRecord | undefined) {
  const dispatch = useAppDispatch();
  return (change: LotChange, text: string) => {
    if (!lot) return;
    const changeId = crypto.randomUUID();
    dispatch(lotChanged(lot, changeId, change));
    const run = keepAction(() => void dispatch(lotChangeUndone(lot, changeId)));
    dispatch(noticeRaised({ text, action: { label: 'Undo', run } }));
  };
}

/** One lot: what is left of it, what is done with it, and everything it has reached. */
export function LotScreen({ id }: { readonly id: string }) {
  const dispatch = useAppDispatch();
  const { data: own, error } = useGetLotQuery(id, { pollingInterval: POLL_ms, refetchOnMountOrArgChange: true });
  // Without a network, or before it is sent, it is known from the list.
  const { data: list } = useListLotsQuery();
  const lot = own ?? list?.lots.find((each) => each.id === id);
  const now = useNow();
  const [doing, setDoing] = useState<Doing>(null);
  const change = useChange(lot);
  if (!lot && error) {
    const { code, message } = failureOf(error);
    return (
      <Message
        title={code === 'offline' ? 'The lot cannot be shown' : 'No such lot'}
        text={code === 'offline' ? message : 'The address is not quite right, or it is in another kitchen.'}
        action={{ label: 'To the stores', onPress: () => router.replace('/stores') }}
      />
    );
  }
  if (!lot) return <Loading what="the lot" />;
  const { due, left } = lotView(lot, now);
  const close = () => setDoing(null);
  const done = (said: LotChange, text: string) => (close(), change(said, text));
  return (
    <Page title={lot.name} aside={ingredientName(lot.ingredient, [lot])}>
      {lot.got === 'picked' && lot.identifiedBy.trim() === '' ? (
        <StopNote
          title="Nobody has said what it is"
          text="It was picked, and no one is named who knows the plant. Use nothing of it until somebody does, and go by local rules on picking."
        />
      ) : null}
      <Text variant="heading">
        {lot.remaining_g > 0 ? `${left} left` : `Used up; there were ${showMass(lot.amount_g)}`}
      </Text>
      <About lot={lot} due={due?.words} />
      <View className="flex-row flex-wrap gap-2">
        {lot.remaining_g > 0 ? (
          <>
            <Button label="Weigh it" onPress={() => setDoing('weigh')} />
            <Button label="Use some" kind="plain" onPress={() => setDoing('use')} />
            <Button label="Throw away" kind="danger" onPress={() => setDoing('away')} />
          </>
        ) : (
          <Button label="There is still some" kind="plain" onPress={() => setDoing('weigh')} />
        )}
        <Button label="Correct it" kind="quiet" onPress={() => setDoing('correct')} />
      </View>
      <Reached id={id} />
      {doing === 'weigh' ? <Weigh lot={lot} onDo={done} onClose={close} /> : null}
      {doing === 'use' ? <UseSome lot={lot} onDo={done} onClose={close} /> : null}
      {doing === 'away' ? <ThrowAway lot={lot} onDo={done} onClose={close} /> : null}
      {doing === 'correct' ? (
        <LotSheet
          lot={lot}
          onClose={close}
          onSave={(said) => {
            close();
            dispatch(lotSaved(lot.id, said));
          }}
        />
      ) : null}
    </Page>
  );
}

const dates = new Intl.DateTimeFormat('en-GB', { day: 'numeric', month: 'short', year: 'numeric' });
const GOT_WORDS = { bought: 'Bought', picked: 'Picked', made: 'Made' } as const;

/** What is known of a lot, a line each. */
function About({ lot, due }: { readonly lot: LotRecord; readonly due: string | undefined }) {
  const { settings } = useRunContext();
  const { price, amount_g } = lot;
  const lines = [
    `${GOT_WORDS[lot.got]} ${dates.format(new Date(lot.gotAt))}${lot.origin ? `, ${lot.origin}` : ''}`,
    lot.identifiedBy ? `Named by ${lot.identifiedBy}` : '',
    lot.bestBefore ? `Best before ${dates.format(new Date(lot.bestBefore))}: ${due}` : '',
    price === null
      ? ''
      : `${showMoney(price, settings.currency)}, ${showMoney((100 * price) / amount_g, settings.currency)} for 100 g`,
    lot.place ? `Stands in ${lot.place}` : '',
    lot.purity_pct === null ? '' : `${lot.purity_pct} % pure, by its package`,
    lot.note,
  ].filter(Boolean);
  return (
    <View>
      {lines.map((line) => (
        <Text key={line} className="text-15">
          {line}
        </Text>
      ))}
    </View>
  );
}
