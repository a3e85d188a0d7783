import type { OwnMeasure } from '@wellhydra/core/quantity';
import { useSession } from '../../domain/accounts/use-session';
import { useSettingsDraft } from '../../domain/kitchen/use-settings-draft';
import { sameMeasure } from './measures-view';

const NONE: readonly OwnMeasure[] = [];

/** What is said of one weighing. */
export interface Weighing {
  readonly name: string;
  readonly of: string;
  /** One of it, g. */
  readonly each_g: number;
  readonly onlyMine: boolean;
}

/** The measures of whoever is signed in and of the kitchen, and what can be done to them. */
export function useMeasures() {
  const { settings, change, ready, state } = useSettingsDraft();
  const session = useSession();
  const me = session?.account.id;
  const all = settings.measures ?? NONE;
  const set = (measures: readonly OwnMeasure[]) => change({ measures });
  const update = (id: string, by: (measure: OwnMeasure) => OwnMeasure) =>
    set(all.map((each) => (each.id === id ? by(each) : each)));
  const ownedBy = <Named extends object>(named: Named, onlyMine: boolean): Named & { readonly member?: string } =>
    onlyMine && me ? { ...named, member: me } : named;
  return {
    ready,
    state,
    settings,
    measures: all.filter(({ member }) => member === undefined || member === me),
    /** The measure that a weighing would belong to, where there is one. */
    find: ({ name, of, onlyMine }: Omit<Weighing, 'each_g'>) => sameMeasure(all, ownedBy({ name, of }, onlyMine)),
    /** Adds one weighing to a measure; to a new one where there is none of the kind. */
    weigh: ({ name, of, each_g, onlyMine }: Weighing) => {
      const owned = ownedBy({ name, of }, onlyMine);
      const known = sameMeasure(all, owned);
      if (known) return update(known.id, (each) => ({ ...each, weighed_g: [...each.weighed_g, each_g] }));
      return set([...all, { ...owned, id: crypto.randomUUID(), name: name.trim().toLowerCase(), weighed_g: [each_g] }]);
    },
    forgetLast: (id: string) =>
      set(
        all.flatMap((each) =>
          each.id !== id
            ? [each]
            : each.weighed_g.length > 1
              ? [{ ...each, weighed_g: each.weighed_g.slice(0, -1) }]
              : [],
        ),
      ),
    setOnlyMine: (id: string, onlyMine: boolean) => update(id, ({ member: _was, ...each }) => ownedBy(each, onlyMine)),
    remove: (id: string) => set(all.filter((each) => each.id !== id)),
    restore: (measure: OwnMeasure) => set([...all.filter(({ id }) => id !== measure.id), measure]),
  };
}

export type Measures = ReturnType<typeof useMeasures>;
