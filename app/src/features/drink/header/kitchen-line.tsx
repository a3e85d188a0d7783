import { Link } from 'expo-router';
import { memo } from 'react';
import type { RunContext } from '../../../domain/run/run-context';
import { Text } from '../../../ui/text';

/** The kitchen that the drink is worked out for. */
export const KitchenLine = memo(function KitchenLine({ settings }: { readonly settings: RunContext['settings'] }) {
  const { usualPot, usualBurner, altitude_m, tap } = settings;
  const water = tap === 'pure' ? 'water as pure' : `${tap === 'sheet' ? 'your' : tap} tap water`;
  return (
    <Text variant="small">
      Worked out for your kitchen: {usualPot} on {usualBurner}, {altitude_m} m, {water}.{' '}
      <Link href="/kitchen" className="underline">
        Change
      </Link>
    </Text>
  );
});
