import { drawnOff } from '@wellhydra/core/brew';
import { formatNumber } from '@wellhydra/core/quantity';
import { showVolume } from '../../domain/words/units';
import { router } from 'expo-router';
import { useMemo, useState, type ReactNode } from 'react';
import { View } from 'react-native';
import { useStore } from 'react-redux';
import { noticeRaised } from '../../state/notices';
import { useAppDispatch, type Store } from '../../domain/store';
import { asideRead } from '../../state/sync/queue';
import { settled } from '../../state/sync/settled';
import { StopNote } from '../../ui/stop-note';
import { Text } from '../../ui/text';
import { useNow } from '../../ui/use-now';
import { BottleForm } from '../bottles/bottle-form';
import { fillingOf, partsToFill, useBottleForm } from '../bottles/use-bottle-form';
import { useNamedOf } from '../../domain/people/use-named';
import { NamedList } from '../../ui/named-list';
import { cautionsView, keepingView } from '../../domain/drinks/cautions-view';
import { brewFilled } from '../../domain/brews/brews';
import { MakeFrame } from './make-frame';
import type { MakingProps } from './use-brew';

/** The end of a brew: what there is, what is in it as it was read, and the bottles it fills. */
export function FinishPage({
  above,
  brew,
  recipe,
  state,
  run,
  onBack,
}: MakingProps & { readonly above: ReactNode; readonly onBack: () => void }) {
  const dispatch = useAppDispatch();
  const { analysis } = run;
  const toFill = useMemo(() => partsToFill(run.analysis, drawnOff(recipe, state, run)), [recipe, state, run]);
  const form = useBottleForm(toFill);
  const store = useStore() as Store;
  const now = useNow();
  const [filling, setFilling] = useState(false);
  const [failure, setFailure] = useState<string | null>(null);
  const keeping = keepingView(analysis);
  const cautions = cautionsView(analysis);
  const named = useNamedOf(analysis);
  const amount = analysis.liquid
    ? showVolume(analysis.liquid.volume_mL)
    : `${formatNumber(analysis.trace.pot.mass_g)} g`;
  const fill = async () => {
    const eventId = crypto.randomUUID();
    setFilling(true);
    dispatch(brewFilled({ brew: brew.id, finish: { eventId, madeAt: new Date().toISOString(), ...fillingOf(form) } }));
    const outcome = await settled(store, eventId);
    setFilling(false);
    if (outcome.kind === 'aside') {
      // It is told here, where it can be mended, and not once more on Today.
      dispatch(asideRead(eventId));
      return setFailure(outcome.aside.message);
    }
    const named = brew.batch ? `Batch ${brew.batch}` : 'The brew';
    const text =
      outcome.kind === 'sent' ? `${named} is on the shelf` : `${named} is kept on this device until it can be sent`;
    dispatch(noticeRaised({ text }));
    router.replace('/shelf');
  };
  return (
    <MakeFrame
      above={above}
      back={{ label: 'Back', onPress: onBack }}
      next={{
        label: 'Put on the shelf',
        disabled: filling,
        why: form.lacks,
        onPress: () => void fill(),
      }}
    >
      <Text variant="title" className="text-38 leading-43 text-onpanel">
        Fill the bottles
      </Text>
      <Text className="text-20 leading-28 text-onpanel">
        By what was read there is {amount}. {keeping ? `${keeping.title}.` : ''}
      </Text>
      {cautions.stops.map(({ title, text }) => (
        <StopNote key={title} title={title} text={text} />
      ))}
      {cautions.others.map(({ title }) => (
        <View key={title} className="border-l-[4px] border-[#E3A21A] pl-3">
          <Text className="text-17 leading-25 text-onpanel">{title}</Text>
        </View>
      ))}
      <NamedList cautions={named} />
      <View className="gap-4 rounded-[18px] bg-sheet p-4">
        <BottleForm form={form} madeAt={now} />
      </View>
      {failure ? (
        <Text role="alert" className="text-17 leading-25 text-[#FFB59E]">
          {failure}
        </Text>
      ) : null}
      <Text className="text-17 leading-25 text-onpanel">
        Write {brew.batch || 'the batch number'} and the date on every bottle. {keeping?.text ?? ''}
      </Text>
    </MakeFrame>
  );
}
