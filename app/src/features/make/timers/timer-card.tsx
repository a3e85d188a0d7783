import type { BrewHappening, BrewTimer } from '@wellhydra/core/brew';
import { View } from 'react-native';
import { Button } from '../../../ui/button';
import { Text } from '../../../ui/text';
import { useNow } from '../../../ui/use-now';
import { clockWords, durationWords } from '@wellhydra/core/quantity';
import { askToNotify } from '../../../domain/alarms/notify';
import { restOf, untilWords } from './timers';

interface TimerCardProps {
  readonly step: string;
  readonly minutes: number;
  readonly timer: BrewTimer | undefined;
  readonly pausedAt: string | null;
  readonly happened: (happening: BrewHappening) => void;
}

/** The timer of a step: started with one press, and it runs on whatever happens to this page. */
export function TimerCard({ step, minutes, timer, pausedAt, happened }: TimerCardProps) {
  const now = useNow(1000);
  const start = (length: number) => {
    askToNotify();
    happened({ kind: 'timer-started', step, minutes: length });
  };
  if (!timer)
    return (
      <View className="flex-row items-center justify-between gap-3 rounded-[18px] bg-[#163B3B] p-4">
        <Text className="shrink text-17 text-onpanel">{durationWords(minutes)}</Text>
        <Button label="Start timer" kind="onPanel" size="large" onPress={() => start(minutes)} />
      </View>
    );
  const rest_ms = restOf(timer, pausedAt, now);
  const over = rest_ms <= 0;
  return (
    <View className={`gap-2 rounded-[18px] p-4 ${over ? 'bg-amber' : 'bg-[#163B3B]'}`}>
      <Text
        role="timer"
        className={`font-heading text-52 font-bold leading-58 ${over ? 'text-onamber' : 'text-onpanel'}`}
      >
        {clockWords(rest_ms)}
      </Text>
      <View className="flex-row items-center justify-between gap-3">
        <Text className={over ? 'text-onamber' : 'text-panelmute'}>
          {over ? 'Time is up' : pausedAt ? 'paused' : `until ${untilWords(timer)}`}
        </Text>
        <Button
          label="Stop timer"
          kind={over ? 'plain' : 'onPanel'}
          onPress={() => happened({ kind: 'timer-stopped', step })}
        />
      </View>
    </View>
  );
}
