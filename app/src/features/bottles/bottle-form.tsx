import { bottleUseBy, placesByKeeping, type Keeping } from '@wellhydra/core/keeping';
import type { Place } from '@wellhydra/contract/places';
import { formatPortion } from '@wellhydra/core/quantity';
import { View } from 'react-native';
import { peopleRows } from '../../domain/people/use-people';
import { useRunContext } from '../../domain/run/use-run-context';
import { useAppSelector } from '../../domain/store';
import { Button } from '../../ui/button';
import { Choice } from '../../ui/choice';
import { Text } from '../../ui/text';
import { Toggle } from '../../ui/toggle';
import { BottleRows } from './bottle-rows';
import { PLACE_NAMES, dateWords } from './bottles-view';
import { fillWords, type Rest } from './fill-bottles';
import type { BottleFormState, PartForm } from './use-bottle-form';

/** How many bottles, of what, put where, and what becomes of the rest; of each liquid that there is. */
export function BottleForm({ form, madeAt }: { readonly form: BottleFormState; readonly madeAt: Date }) {
  const { parts } = form;
  return parts.map((part) => (
    <View
      key={part.draw ?? ''}
      role="group"
      aria-label={part.analysis.drink.name}
      className={`gap-4 ${parts.length > 1 ? 'border-t border-line pt-4' : ''}`}
    >
      {parts.length > 1 ? <Text variant="heading">{part.analysis.drink.name}</Text> : null}
      <BottleRows part={part} />
      <FilledWords part={part} />
      <RestOf part={part} form={form} />
      <PutIn part={part} madeAt={madeAt} />
    </View>
  ));
}

function FilledWords({ part: { filled, dry } }: { readonly part: PartForm }) {
  if (filled.kind !== 'bottles' || filled.volumes_mL.length === 0) return null;
  return (
    <Text variant="small" role="status">
      {fillWords(filled, dry)}
    </Text>
  );
}

function PutIn({ part, madeAt }: { readonly part: PartForm; readonly madeAt: Date }) {
  const { place, spot, keeping, rows, setPlace } = part;
  const own = useRunContext().settings.places ?? [];
  if (rows.length === 0) return null;
  const places = keeping ? placesByKeeping(keeping).map((each) => each.place) : [place];
  return (
    <View className="gap-2">
      <Text variant="smallStrong">Put in</Text>
      <Choice
        label="Put in"
        options={[
          ...places.map((each) => ({ value: each as string, label: PLACE_NAMES[each] })),
          ...own.map(({ name }) => ({ value: `own ${name}`, label: name })),
        ]}
        value={spot === null ? place : `own ${spot}`}
        onChange={(next) => {
          const chosen = own.find(({ name }) => `own ${name}` === next);
          if (chosen) setPlace(chosen.like, chosen.name);
          else setPlace(next as Place);
        }}
      />
      {keeping ? <Until keeping={keeping} place={place} madeAt={madeAt} /> : null}
    </View>
  );
}

/** Until when it is to be used up there: the same words and the same moment as on the shelf and on the label. */
function Until({
  keeping,
  place,
  madeAt,
}: {
  readonly keeping: Keeping;
  readonly place: Place;
  readonly madeAt: Date;
}) {
  if (Number.isNaN(madeAt.getTime())) return null;
  const at = madeAt.toISOString();
  const until = bottleUseBy(keeping, { madeAt: at, stands: [{ place, since: at }], openedAt: null });
  return (
    <Text variant="small" role="status">
      {`Use by ${dateWords(until.useBy)}. ${until.reason}`}
    </Text>
  );
}

const RESTS: readonly { readonly value: Rest; readonly label: string; readonly dry: string }[] = [
  { value: 'drunk', label: 'Drunk now', dry: 'Used now' },
  { value: 'tasted', label: 'Tasted', dry: 'Tasted' },
  { value: 'poured-away', label: 'Poured away', dry: 'Thrown away' },
];

/** What no bottle takes has to go somewhere. */
function RestOf({ part, form }: { readonly part: PartForm; readonly form: BottleFormState }) {
  const { draw, filled, dry, rows, rest, setRows, setRest } = part;
  if (filled.kind !== 'bottles' || filled.rest_mL === 0) return null;
  const amount = formatPortion(filled.rest_mL, dry);
  // What was drawn off is bottled, or it is gone.
  const ends = RESTS.filter(({ value }) => draw === null || value === 'poured-away');
  return (
    <View className="gap-2 rounded-[12px] bg-amber p-3">
      <Text role="status" variant="strong" className="text-15 text-onamber">
        {rows.length === 0
          ? `${amount} in no ${dry ? 'jar' : 'bottle'}. What becomes of it?`
          : `${amount} does not fit in. What becomes of it?`}
      </Text>
      <Button
        label={rows.length === 0 ? (dry ? 'A jar' : 'A bottle') : dry ? 'Another jar' : 'Another bottle'}
        kind="plain"
        className="self-start"
        onPress={() => setRows([...rows, { count: '1', size: amount }])}
      />
      <Choice
        label="What becomes of the rest"
        options={ends.map(({ value, label, dry: dryLabel }) => ({ value, label: dry ? dryLabel : label }))}
        value={rest ?? ('' as Rest)}
        onChange={setRest}
      />
      {rest === 'drunk' ? <DrunkBy form={form} /> : null}
    </View>
  );
}

/** Who drinks it at once: it counts for their day. */
function DrunkBy({ form: { drunkBy, setDrunkBy } }: { readonly form: BottleFormState }) {
  const household = useAppSelector((state) => state.household.mine);
  const people = peopleRows(household);
  if (people.length === 0) return null;
  return (
    <View role="group" aria-label="Who drinks it" className="rounded-[10px] bg-sheet p-2">
      <Text variant="smallStrong">Who drinks it, in equal parts</Text>
      <View className="flex-row flex-wrap gap-x-4">
        {people.map(({ id, person }) => (
          <View key={id} className="min-w-[110px]">
            <Toggle
              label={person.name}
              value={drunkBy.includes(id)}
              onChange={(value) => setDrunkBy(value ? [...drunkBy, id] : drunkBy.filter((each) => each !== id))}
            />
          </View>
        ))}
      </View>
    </View>
  );
}
