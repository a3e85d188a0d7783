import type { BottleRecord, Place } from '@wellhydra/contract';
import { placesByKeeping } from '@wellhydra/core/keeping';
import { bottleMoved } from '../../../domain/bottles/bottle-deeds';
import { useRunContext } from '../../../domain/run/use-run-context';
import { useAppDispatch } from '../../../domain/store';
import { noticeRaised } from '../../../state/notices';
import { keepAction } from '../../../state/undo-actions';
import { Button } from '../../../ui/button';
import { Sheet } from '../../../ui/sheet';
import { Text } from '../../../ui/text';
import { PLACE_NAMES } from '../bottles-view';

/** A place that bottles can be put in. */
export interface PlaceToPut {
  readonly key: string;
  readonly label: string;
  readonly place: Place;
  readonly spot: string | null;
}

/** The places of this kitchen: the usual ones and its own. */
export function usePlaces(): readonly PlaceToPut[] {
  const { settings } = useRunContext();
  const usual = (['fridge', 'cool-room', 'cupboard', 'freezer'] as const).map((place) => ({
    key: place as string,
    label: PLACE_NAMES[place],
    place,
    spot: null,
  }));
  const own = (settings.places ?? []).map(({ name, like }) => ({
    key: `own ${name}`,
    label: name,
    place: like,
    spot: name,
  }));
  return [...usual, ...own];
}

interface MoveSheetProps {
  readonly bottles: readonly BottleRecord[];
  readonly onClose: () => void;
  readonly onDone?: () => void;
}

/** Puts bottles somewhere else; what does not keep there says so. */
export function MoveSheet({ bottles, onClose, onDone }: MoveSheetProps) {
  const dispatch = useAppDispatch();
  const places = usePlaces();
  const what = bottles.length === 1 ? bottles[0]!.drinkName : `${bottles.length} bottles`;
  const spoils = (place: Place) =>
    bottles.filter(({ keeping }) => (placesByKeeping(keeping).find((each) => each.place === place)?.days ?? 0) <= 0)
      .length;
  const move = ({ label, place, spot }: PlaceToPut) => {
    for (const bottle of bottles) dispatch(bottleMoved(bottle, place, spot));
    const back = () => bottles.forEach((bottle) => dispatch(bottleMoved(bottle, bottle.place, bottle.spot)));
    dispatch(
      noticeRaised({ text: `${what}: ${label.toLowerCase()}`, action: { label: 'Undo', run: keepAction(back) } }),
    );
    onClose();
    onDone?.();
  };
  return (
    <Sheet title={`Put ${what} where?`} open onClose={onClose}>
      {places.map((each) => (
        <Button
          key={each.key}
          label={each.label}
          kind={spoils(each.place) > 0 ? 'danger' : 'plain'}
          size="large"
          onPress={() => move(each)}
        />
      ))}
      {places.some(({ place }) => spoils(place) > 0) ? <Text variant="small">Red: it does not keep there.</Text> : null}
      <Text variant="small">Places of your own are added in Kitchen.</Text>
    </Sheet>
  );
}
