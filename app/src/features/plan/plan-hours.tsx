import { View } from 'react-native';
import { useAppDispatch } from '../../domain/store';
import { Choice } from '../../ui/choice';
import { ClockField } from '../../ui/clock-field';
import { Text } from '../../ui/text';
import { PlanSection } from './plan-section';
import type { Plan } from '@wellhydra/contract';
import { hoursChosen } from '../../domain/plans/plans';

const COOKS = ['1', '2', '3'].map((value) => ({ value, label: value }));

/** How many cook, and when they sleep. */
export function PlanHours({ plan }: { readonly plan: Plan }) {
  const dispatch = useAppDispatch();
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
        <ClockField label="To bed" value={plan.bed_min} onChange={(bed_min) => dispatch(hoursChosen({ bed_min }))} />
        <ClockField label="Up again" value={plan.up_min} onChange={(up_min) => dispatch(hoursChosen({ up_min }))} />
      </View>
    </PlanSection>
  );
}
