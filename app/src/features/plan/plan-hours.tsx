import { View } from 'react-native';
import { useAppDispatch } from '../../domain/store';
import { Choice } from '../../ui/choice';
import { Text } from '../../ui/text';
import { PlanSection } from './plan-section';
import type { Plan } from '@wellhydra/contract';
import { hoursChosen } from '../../domain/plans/plans';

const COOKS = ['1', '2', '3'].map((value) => ({ value, label: value }));

const clock = (minutes: number): string =>
  `${String(Math.floor(minutes / 60)).padStart(2, '0')}:${String(minutes % 60).padStart(2, '0')}`;
const minutesOf = (text: string): number | null => {
  const match = /^(\d{2}):(\d{2})$/.exec(text);
  return match ? 60 * Number(match[1]) + Number(match[2]) : null;
};

/** How many cook, and when they sleep. */
export function PlanHours({ plan }: { readonly plan: Plan }) {
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
    <PlanSection title="Who is up">
      <View className="flex-row flex-wrap items-end gap-4">
        <View className="gap-1">
          <Text variant="smallStrong">Cooks</Text>
          <Choice
            label="Cooks"
            options={COOKS}
            value={String(plan.cooks)}
            onChange={(value) => dispatch(hoursChosen({ cooks: Number(value) }))}
          />
        </View>
        {time('To bed', plan.bed_min, 'bed_min')}
        {time('Up again', plan.up_min, 'up_min')}
      </View>
    </PlanSection>
  );
}
