import { usePathname } from 'expo-router';
import { useEffect } from 'react';
import { View } from 'react-native';
import { NoticeBar } from './notice-bar';
import { OfflineBar } from './offline-bar';
import { LazyDrinkerScreen, fetchScreens } from './screens';
import { useOfferBuild } from './use-offer-build';

/** The page of a bottle, as its label leads to it. */
const BOTTLE = /^\/bottles\/([0-9a-f-]{36})$/;

/** What stands around the one page of whoever drinks what others make, whatever address they come by. */
export function DrinkerShell() {
  const scanned = BOTTLE.exec(usePathname())?.[1] ?? null;
  const offerBuild = useOfferBuild();
  useEffect(() => fetchScreens(offerBuild), [offerBuild]);
  return (
    <View className="min-w-0 flex-1">
      <OfflineBar />
      <View className="min-h-0 flex-1">
        <LazyDrinkerScreen key={scanned} scanned={scanned} />
      </View>
      <NoticeBar />
    </View>
  );
}
