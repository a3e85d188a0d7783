import { Link, Slot, router, usePathname } from 'expo-router';
import { useEffect, useState, type ReactNode } from 'react';
import { Pressable, View } from 'react-native';
import { unitsChosen } from '../../state/units-choice';
import { useGetPeopleQuery } from '../../domain/people/people-endpoints';
import { useAppSelector } from '../../domain/store';
import { Sheet } from '../../ui/sheet';
import { Text } from '../../ui/text';
import { useIsPageAlone } from '../../ui/page-alone';
import { useHasLargeText } from '../../ui/use-large-text';
import { useIsWide } from '../../ui/use-layout';
import { useShortcuts } from '../../ui/use-shortcuts';
import { useRunsInBackground } from '../../domain/brews/use-runs';
import { openFromNotification } from './open-from-notification';
import { useOfferBuild } from './use-offer-build';
import { NoticeBar } from './notice-bar';
import { OfflineBar } from './offline-bar';
import { BAR_PLACES, MORE_PLACES, PLACES, isIn, type PlaceRow } from './places';
import { LazyKeys, LazySpoonBell, LazyTimerBar, fetchScreens } from './screens';
import { useKeysOnPage } from './use-keys-on-page';
import { useShownUnits } from './use-shown-units';

const PEOPLE_POLL_ms = 60_000;
const nothing = () => ({});
/** The page that was asked for comes first, ms. */
const FETCH_AFTER_ms = 400;

/** What stands around every page: the bar below on a phone, the rail at the left on a wide screen. */
export function Shell() {
  const wide = useIsWide();
  const [help, setHelp] = useState(false);
  const [stands, setStands] = useState(false);
  useRunsInBackground(!stands);
  // A step that is made fills the screen.
  const path = usePathname();
  const making = path.startsWith('/make/');
  useKeysOnPage(path);
  const alone = useIsPageAlone();
  const large = useHasLargeText();
  const units = useShownUnits();
  // Before anything below is drawn; other units draw everything anew.
  unitsChosen(units);
  const hasBrews = useAppSelector((state) => Object.keys(state.brews.byId).length > 0);
  // So that a spoon is told of wherever one is.
  useGetPeopleQuery(undefined, { pollingInterval: PEOPLE_POLL_ms, selectFromResult: nothing });
  const hasSpoons = useAppSelector(({ household }) => Object.keys(household.mine.spoonPlans).length > 0);
  useShortcuts({ '?': () => setHelp(true) });
  const offerBuild = useOfferBuild();
  useEffect(() => {
    const timer = setTimeout(() => {
      setStands(true);
      fetchScreens(offerBuild);
    }, FETCH_AFTER_ms);
    const stopOpening = openFromNotification((href) => router.push(href));
    return () => {
      clearTimeout(timer);
      stopOpening();
    };
  }, [offerBuild]);
  return (
    <View className={`flex-1 ${wide ? 'flex-row' : ''}`}>
      {wide && !making ? <SideRail /> : null}
      <View className="min-w-0 flex-1">
        <OfflineBar />
        {hasBrews && !(alone && large && !wide) ? <LazyTimerBar /> : null}
        {hasSpoons ? <LazySpoonBell /> : null}
        <View key={units} className="min-h-0 flex-1">
          <Slot />
        </View>
        <NoticeBar />
      </View>
      {wide || making || alone ? null : <BottomBar />}
      {help ? <LazyKeys onClose={() => setHelp(false)} /> : null}
    </View>
  );
}

function BottomBar() {
  const path = usePathname();
  const [more, setMore] = useState(false);
  const behind = MORE_PLACES.find((place) => isIn(place, path));
  return (
    <View
      role="navigation"
      aria-label="Places"
      className="on-panel min-h-[64px] flex-row flex-wrap items-center justify-around bg-panel py-1"
    >
      {BAR_PLACES.map((place) => (
        <PlaceLink key={place.href} place={place} />
      ))}
      <Pressable
        role="button"
        aria-expanded={more}
        aria-label={behind ? `More places; here is ${behind.label}` : 'More places'}
        onPress={() => setMore(true)}
        className={`min-h-[44px] flex-row items-center justify-center rounded-[12px] px-[14px] ${behind ? 'bg-chosen' : 'active:opacity-70'}`}
      >
        <PlaceWords here={behind !== undefined}>{behind?.label ?? 'More'}</PlaceWords>
      </Pressable>
      <Sheet title="More places" open={more} onClose={() => setMore(false)}>
        <View role="navigation" aria-label="More places">
          {MORE_PLACES.map(({ href, label }) => (
            <Link key={href} href={href} asChild>
              <Pressable
                aria-current={behind?.href === href ? 'page' : undefined}
                onPress={() => setMore(false)}
                className="min-h-[56px] justify-center border-b border-line active:opacity-70"
              >
                <Text variant="subheading">{label}</Text>
              </Pressable>
            </Link>
          ))}
        </View>
      </Sheet>
    </View>
  );
}

function SideRail() {
  return (
    <View role="navigation" aria-label="Places" className="on-panel w-[168px] gap-2 bg-panel p-[14px]">
      <Text className="pb-4 pt-2 font-heading text-22 font-bold text-onpanel">Wellhydra</Text>
      {PLACES.map((place) => (
        <PlaceLink key={place.href} place={place} wide />
      ))}
    </View>
  );
}

function PlaceLink({ place, wide = false }: { readonly place: PlaceRow; readonly wide?: boolean }) {
  const here = isIn(place, usePathname());
  return (
    <Link href={place.href} asChild>
      <Pressable
        aria-current={here ? 'page' : undefined}
        className={`min-h-[44px] flex-row items-center gap-2 rounded-[12px] px-[14px] ${here ? 'bg-chosen' : 'active:opacity-70'} ${wide ? '' : 'justify-center'}`}
      >
        <PlaceWords here={here}>{place.label}</PlaceWords>
      </Pressable>
    </Link>
  );
}

function PlaceWords({ here, children }: { readonly here: boolean; readonly children: ReactNode }) {
  return <Text className={`text-15 ${here ? 'font-bold text-onchosen' : 'text-onpanel'}`}>{children}</Text>;
}
