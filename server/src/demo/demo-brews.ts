import type { Place } from '@wellhydra/contract';
import type { VesselShape } from '@wellhydra/core/keeping';

/** A glass or a spoon of a demo bottle: who had it, and how long ago. */
export interface DemoPour {
  /** Short name of a person; null for nobody in particular. */
  readonly who: string | null;
  readonly hoursAgo: number;
  /** Of a serving; one where nothing is said. */
  readonly servings?: number;
}

export interface DemoBottle {
  readonly volume_mL: number;
  readonly place: Place;
  readonly shape: VesselShape;
  readonly size_mL: number;
  readonly pours: readonly DemoPour[];
}

/** A making of a demo drink: how long ago, and what it filled. */
export interface DemoBrew {
  readonly drink: string;
  readonly hoursAgo: number;
  readonly bottles: readonly DemoBottle[];
}

interface Kept {
  readonly in?: Place;
  readonly as?: VesselShape;
  readonly size_mL?: number;
}
const bottle = (
  volume_mL: number,
  { in: place = 'fridge', as: shape = 'bottle', size_mL = volume_mL }: Kept = {},
  pours: readonly DemoPour[] = [],
): DemoBottle => ({ volume_mL, place, shape, size_mL, pours });

/** Servings of somebody, so many hours ago each. */
const had = (who: string | null, ...hoursAgo: readonly number[]): readonly DemoPour[] =>
  hoursAgo.map((hours) => ({ who, hoursAgo: hours }));
/** Every so many days, at about the same time of the day. */
const daily = (who: string | null, hoursAgo: number, days: number, every = 1): readonly DemoPour[] =>
  had(who, ...Array.from({ length: Math.floor(days / every) }, (_each, index) => hoursAgo + 24 * every * index));
const spoons = (who: string, ...hoursAgo: readonly number[]): readonly DemoPour[] =>
  had(who, ...hoursAgo).map((pour) => ({ ...pour, servings: 0.5 }));

export const DEMO_BREWS: readonly DemoBrew[] = [
  {
    drink: 'fogbank',
    hoursAgo: 24 * 2,
    bottles: [
      bottle(300, { size_mL: 330 }, [
        ...spoons('tam', 20.5, 24.7, 26.4),
        ...had('ines', 30, 6),
        ...had('marek', 29, 5),
      ]),
      bottle(300, { size_mL: 330 }),
    ],
  },
  { drink: 'hibiscus', hoursAgo: 20, bottles: [bottle(750, {}, [...had('ines', 14, 3), ...had('juno', 13)])] },
  {
    drink: 'oxymel',
    hoursAgo: 24 * 22,
    bottles: [
      bottle(520, { in: 'cool-room', as: 'jar', size_mL: 580 }, [...daily('ines', 7, 21), ...daily('marek', 8, 21, 2)]),
    ],
  },
  {
    drink: 'salts',
    hoursAgo: 24 * 40,
    bottles: [
      bottle(260, { in: 'cupboard', as: 'jar', size_mL: 330 }, [
        ...daily('juno', 9, 20, 2),
        ...daily('marek', 33, 18, 3),
      ]),
    ],
  },
  {
    drink: 'lime',
    hoursAgo: 24 * 21,
    bottles: [
      bottle(250, {}, [...daily('juno', 6, 18, 3), ...had('sunniva', 30, 54)]),
      bottle(250, { in: 'freezer', as: 'flask' }),
    ],
  },
  {
    drink: 'cherry',
    hoursAgo: 24 * 5,
    bottles: [
      bottle(300, { size_mL: 330 }, [...daily('sunniva', 10, 4), ...had('tam', 34)]),
      bottle(250, { in: 'freezer', as: 'jar', size_mL: 330 }),
    ],
  },
  { drink: 'watch', hoursAgo: 27, bottles: [bottle(750, {}, [...had('ines', 15, 4), ...had('marek', 14)])] },
  {
    drink: 'dawn',
    hoursAgo: 9,
    bottles: [
      bottle(500, { as: 'flask', size_mL: 600 }),
      bottle(
        500,
        { as: 'flask', size_mL: 600 },
        had('juno', 7).map((pour) => ({ ...pour, servings: 0.5 })),
      ),
    ],
  },
  { drink: 'light', hoursAgo: 7, bottles: [bottle(500), bottle(500, { in: 'cool-room' })] },
  {
    drink: 'cucumber',
    hoursAgo: 5,
    bottles: [bottle(750, { as: 'jug', size_mL: 1000 }, [...had('sunniva', 3), ...had('tam', 2.5)])],
  },
  { drink: 'pilot', hoursAgo: 4, bottles: [bottle(1000, { as: 'jug', size_mL: 1200 }, had('marek', 3))] },
  { drink: 'rehydration', hoursAgo: 3, bottles: [bottle(1000, {}, had('wilf', 2, 1))] },
  { drink: 'coconut', hoursAgo: 2, bottles: [bottle(700, { size_mL: 750 })] },
  { drink: 'limeWater', hoursAgo: 30, bottles: [bottle(745, { size_mL: 750 }, had('juno', 11))] },
];
