import { useEffect } from 'react';
import { ring, ringsNow } from '../../../domain/alarms/notify';
import { useSpoons } from '../../../domain/people/use-spoons';
import { useNow } from '../../../ui/use-now';

const TICK_ms = 15_000;

/** Says on every page that a spoon is due; draws nothing. */
export function SpoonBell() {
  const now = useNow(TICK_ms);
  const { spoons } = useSpoons(now);
  useEffect(() => {
    for (const { planId, personId, name, drinkName, amount, due } of spoons) {
      const over_ms = due ? now.getTime() - due.at.getTime() : -1;
      if (!due || over_ms < 0) continue;
      if (ringsNow(`${planId} ${personId} ${due.at.getTime()}`, over_ms, now))
        ring({ title: `${name}: ${amount} of ${drinkName}`, text: 'It is time for it.', href: '/people' });
    }
  }, [spoons, now]);
  return null;
}
