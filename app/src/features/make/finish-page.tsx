import { formatNumber } from '@wellhydra/core/quantity';
import { showVolume } from '../../domain/words/units';
import { router } from 'expo-router';
import type { ReactNode } from 'react';
import { View } from 'react-native';
import { noticeRaised } from '../../state/notices';
import { useAppDispatch } from '../../domain/store';
import { Text } from '../../ui/text';
import { BottleForm, bottlesOf, useBottleForm } from '../bottles/bottle-form';
import { cautionsView, keepingView } from '../../domain/drinks/cautions-view';
import { brewFilled } from '../../domain/brews/brews';
import { MakeFrame } from './make-frame';
import type { MakingProps } from './use-brew';

/** The end of a brew: what there is, what is in it as it was read, and the bottles it fills. */
export function FinishPage({
  above,
  brew,
  run,
  onBack,
}: MakingProps & { readonly above: ReactNode; readonly onBack: () => void }) {
  const dispatch = useAppDispatch();
  const { analysis } = run;
  const form = useBottleForm(analysis);
  const keeping = keepingView(analysis);
  const cautions = cautionsView(analysis);
  const amount = analysis.liquid
    ? showVolume(analysis.liquid.volume_mL)
    : `${formatNumber(analysis.trace.pot.mass_g)} g`;
  const fill = () => {
    const finish = { eventId: crypto.randomUUID(), madeAt: new Date().toISOString(), bottles: bottlesOf(form) };
    dispatch(brewFilled({ brew: brew.id, finish }));
    dispatch(noticeRaised({ text: `${brew.batch ? `Batch ${brew.batch}` : 'The brew'} is bottled` }));
    router.replace('/shelf');
  };
  return (
    <MakeFrame
      above={above}
      back={{ label: 'Back', onPress: onBack }}
      next={{ label: 'Put on the shelf', disabled: form.filled.kind !== 'bottles', onPress: fill }}
    >
      <Text variant="title" className="text-[38px] leading-[43px] text-onpanel">
        Fill the bottles
      </Text>
      <Text className="text-[20px] leading-[28px] text-onpanel">
        By what was read there is {amount}. {keeping ? `${keeping.title}.` : ''}
      </Text>
      {cautions.stops.concat(cautions.others).map(({ title }) => (
        <View key={title} className="border-l-[4px] border-[#E3A21A] pl-3">
          <Text className="text-[17px] leading-[25px] text-onpanel">{title}</Text>
        </View>
      ))}
      <View className="gap-4 rounded-[18px] bg-sheet p-4">
        <BottleForm form={form} />
      </View>
      <Text className="text-[17px] leading-[25px] text-onpanel">
        Write {brew.batch || 'the batch number'} and the date on every bottle. {keeping?.text ?? ''}
      </Text>
    </MakeFrame>
  );
}
