import type { LogbookBrew } from '@wellhydra/contract';
import { LOGBOOK_LIMITS } from '@wellhydra/contract/field-limits';
import { skipToken } from '@reduxjs/toolkit/query';
import { Link, router } from 'expo-router';
import { useState } from 'react';
import { View } from 'react-native';
import { brewNoted } from '../../domain/logbook/logbook-deeds';
import { useGetLogbookBrewQuery } from '../../domain/logbook/logbook-endpoints';
import { useGetBottleQuery } from '../../domain/bottles/bottle-endpoints';
import { useGetRunQuery } from '../../domain/brews/brew-endpoints';
import { useRunContext } from '../../domain/run/use-run-context';
import { useAppDispatch } from '../../domain/store';
import { showVolume } from '../../domain/words/units';
import { areAnswered, useOnce } from '../../state/answered';
import { failureOf } from '../../state/api';
import { noticeRaised } from '../../state/notices';
import { Button } from '../../ui/button';
import { Field } from '../../ui/field';
import { Page } from '../../ui/page';
import { Loading, Message } from '../../ui/page-state';
import { Text } from '../../ui/text';
import { BrewLotsList } from '../bottles/brew-lots';
import { HowItWent } from '../bottles/how-it-went';
import { TakeBack } from '../bottles/take-back';
import { CardSheet } from './card/card-sheet';
import { rowView } from './logbook-view';
import { Photos } from './photos/photos';
import { Tastings } from './tastings';

/** How often other phones are listened to, ms. */
const POLL_ms = 15_000;

/** One brew of the logbook: its figures, what people said, what went into it, and where it is. */
export function LogbookBrewScreen({ id }: { readonly id: string }) {
  const { data: brew, error } = useGetLogbookBrewQuery(id, {
    pollingInterval: POLL_ms,
    refetchOnMountOrArgChange: true,
  });
  const bottle = useGetBottleQuery(brew?.bottleIds[0] ?? skipToken);
  const run = useGetRunQuery(brew?.id ?? skipToken);
  const hasBottle = (brew?.bottleIds.length ?? 0) > 0;
  const partsKnown = useOnce(areAnswered(run) && (!hasBottle || areAnswered(bottle)));
  const { settings } = useRunContext();
  const [card, setCard] = useState(false);
  if (!brew && error) {
    const { code, message } = failureOf(error);
    return (
      <Message
        title={code === 'offline' ? 'The brew cannot be shown' : 'No such brew'}
        text={code === 'offline' ? message : 'It was taken back, or the address is not quite right.'}
        action={{ label: 'To the logbook', onPress: () => router.replace('/logbook') }}
      />
    );
  }
  if (!brew || !partsKnown) return <Loading what="the brew" />;
  const row = rowView(brew, settings.currency);
  const figures = [
    ['Expected', row.expected],
    ['Got', row.got],
    ['°Brix', row.brix],
    ['pH', row.pH],
    ['Taste, out of 5', row.taste],
    ['A serving', row.cost],
    ['Left', row.left],
  ].filter(([, value]) => value);
  return (
    <Page title={row.drink} aside={`Batch ${row.batch} · ${row.made} · ${row.cook}`}>
      <View role="list" aria-label="Figures" className="md:grid md:grid-cols-2 md:gap-x-8">
        {figures.map(([name, value]) => (
          <View key={name} role="listitem" className="flex-row justify-between border-b border-line py-1">
            <Text>{name}</Text>
            <Text variant="strong" className={name === 'Got' && row.farOff ? 'text-heat' : ''}>
              {value}
            </Text>
          </View>
        ))}
      </View>
      <Note key={brew.note} brew={brew} />
      <Tastings brew={brew} />
      <Photos brew={brew} />
      {bottle.data ? <Text>{showVolume(bottle.data.volume_mL)} in the first bottle.</Text> : null}
      <View className="gap-1">
        {brew.bottleIds.map((bottleId, index) => (
          <Link
            key={bottleId}
            href={`/bottles/${bottleId}`}
            className="min-h-[44px] py-2 font-body text-16 text-teal underline"
          >
            {brew.bottleIds.length === 1 ? 'Its bottle' : `Bottle ${index + 1} of ${brew.bottleIds.length}`}
          </Link>
        ))}
        <Link href={`/drinks/${brew.drinkId}`} className="min-h-[44px] py-2 font-body text-16 text-teal underline">
          Its formula
        </Link>
      </View>
      <View className="flex-row flex-wrap gap-2">
        <Button
          label="Beside another brew"
          kind="plain"
          onPress={() => router.push(`/logbook/compare?brew=${brew.id}`)}
        />
        <Button label="On a card" hint="On a card, to be printed" kind="plain" onPress={() => setCard(true)} />
      </View>
      {bottle.data ? <BrewLotsList bottle={bottle.data} /> : null}
      <HowItWent brewId={brew.id} />
      {card ? <CardSheet brew={brew} onClose={() => setCard(false)} /> : null}
      <TakeBack brew={{ ...brew, brewId: brew.id }} />
    </Page>
  );
}

/** What was noted of a brew; it is kept with one press, also without a network. */
function Note({ brew }: { readonly brew: LogbookBrew }) {
  const dispatch = useAppDispatch();
  const [note, setNote] = useState(brew.note);
  return (
    <View className="gap-2">
      <Field label="Note" multiline value={note} onChangeText={setNote} maxLength={LOGBOOK_LIMITS.note} />
      {note !== brew.note ? (
        <Button
          label="Keep the note"
          className="self-start"
          onPress={() => {
            dispatch(brewNoted(brew, note));
            dispatch(noticeRaised({ text: 'The note is kept' }));
          }}
        />
      ) : null}
    </View>
  );
}
