import { bottleLike, readContainer } from './container';
import { waterActivityOf } from '../../liquid';
import {
  COOLING_CV,
  SURFACE_EVAPORATION_CV,
  coolingConstant,
  coolingTime,
  jarFor,
  openCooling,
  potArea,
  potFor,
  surfaceEvaporation,
  type CoolingPlace,
  type Lid,
} from '../../process';
import { evaporate } from '../elapse';
import { formatNumber, nearestNames, isUnreadable, unreadable, type Unreadable, scanNumber } from '../../quantity';
import { readLid, readMinutes, readTemperature } from '../read-qualifiers';
import type { StepContext, StepDone, StepNote, StoragePlace } from '../step-run';
import { heatCapacity } from './adding';
import { marksOf } from './heating';
import { elapseToward, potConstant } from './resting';

/** Colder than was asked for by more than this is worth a word, K. */
const COLDER_BY_K = 5;
/** Nothing gets nearer than this to what is around it in a time worth waiting for, K. */
const NEAR_ENOUGH_K = 1;

function coolingPlace(
  written: string | undefined,
  chilling: boolean,
): { place: CoolingPlace; jar: boolean } | Unreadable {
  const text = (written ?? '').trim().toLowerCase();
  const jar = /jar|bottle/.test(text);
  if (/stirred ice|stirring/.test(text)) return { place: 'stirred ice bath', jar };
  if (/ice|sink|water bath|cold water/.test(text)) return { place: 'ice bath', jar };
  if (/fan/.test(text)) return { place: 'fan', jar };
  if (text === '' || jar || /pot|pan|room|air|fridge|bowl|glass/.test(text))
    return { place: chilling || /fridge/.test(text) ? 'fridge' : 'room', jar };
  return unreadable('unknown-word', written ?? '', 'It cools in the pot, a jar, an ice bath or the fridge.', [
    'pot',
    'jar',
    'ice bath',
  ]);
}

/** Minutes and steam of a pot that cools with its surface open to the air. */
function openPot(context: StepContext, place: CoolingPlace, lid: Lid, to_C: number) {
  const { pot, kitchen } = context;
  const { diameter_m, mass_kg } = kitchen.pots[kitchen.pot]!;
  const { room_C, humidity } = kitchen;
  const area_m2 = potArea({ diameter_m });
  const waterActivity = waterActivityOf(pot.liquid.composition(0)) ?? 1;
  return openCooling({
    heat_kJ_K: heatCapacity(pot)[0]!,
    vessel: potFor(pot.liquid.volume(), diameter_m, mass_kg),
    place,
    from_C: pot.temperature_C[0]!,
    to_C,
    around_C: room_C,
    steam_kg_h: (temperature_C) => surfaceEvaporation({ area_m2, temperature_C, room_C, humidity, lid, waterActivity }),
  });
}

function coolTo(context: StepContext, chilling: boolean): StepDone | Unreadable {
  const { step, pot, kitchen } = context;
  const where = coolingPlace(step.in, chilling);
  if (isUnreadable(where)) return where;
  const icy = where.place.endsWith('ice bath');
  const around_C = icy ? 1 : where.place === 'fridge' ? kitchen.fridge_C : kitchen.room_C;
  const wanted = step.text.trim() === '' ? around_C : readTemperature(step.text, marksOf(context));
  if (typeof wanted !== 'number') return wanted;
  const from_C = pot.temperature_C[0]!;
  if (wanted < around_C - 0.01)
    return unreadable(
      'unit-mismatch',
      step.text,
      `It gets no colder than ${formatNumber(around_C)} °C there. ${chilling || icy ? 'Write a higher temperature.' : 'Use "chill", or an ice bath.'}`,
      [`to ${formatNumber(around_C)} °C`],
    );
  const to_C = Math.max(wanted, around_C + NEAR_ENOUGH_K);
  if (pot.dry || from_C <= to_C) {
    const colder: StepNote = {
      code: 'colder-already',
      text: `It is at ${formatNumber(Math.round(from_C))} °C already: there is nothing to wait for.`,
    };
    return { minutes: 0, handsOn_min: 0, notes: !pot.dry && from_C < wanted - COLDER_BY_K ? [colder] : [] };
  }
  const lid = readLid(step, 'off');
  if (isUnreadable(lid)) return lid;
  // In ice and in the fridge it stands covered.
  const open = !where.jar && (where.place === 'room' || where.place === 'fan');
  const cooled = open ? openPot(context, where.place, lid, to_C) : undefined;
  const closed_min = where.jar
    ? coolingConstant(heatCapacity(pot)[0]!, jarFor(pot.liquid.volumes()[0]!), where.place)
    : potConstant(context, where.place);
  const tables_min = cooled?.minutes ?? coolingTime(closed_min, from_C, to_C, around_C);
  // The constant of a closed pot that would take as long.
  const tau_min = cooled ? tables_min / Math.log((from_C - around_C) / (to_C - around_C)) : closed_min;
  const factors = pot.chance.shared(`cooling:${where.place}`, COOLING_CV);
  const minutesBySample = factors.map((factor) => factor * tables_min);
  const minutes = minutesBySample[0]!;
  elapseToward(context, minutesBySample, around_C, tau_min);
  if (cooled) {
    const spread = pot.chance.shared('steam:cooling', SURFACE_EVAPORATION_CV);
    evaporate(
      pot,
      spread.map((factor) => factor * cooled.steam_g),
    );
  }
  return {
    minutes,
    minutesBySample,
    handsOn_min: icy ? 5 : 1,
    hottest_C: from_C,
    cooling: { minutes, tau_min: factors[0]! * tau_min, around_C },
  };
}

/** `cool`: in the room or in ice; finds the time. */
export const runCool = (context: StepContext): StepDone | Unreadable => coolTo(context, false);
/** `chill`: in the fridge; finds the time. */
export const runChill = (context: StepContext): StepDone | Unreadable => coolTo(context, true);

/** Sudden difference that ordinary glass does not bear, K. Source: soda-lime thermal-shock ratings. */
export const GLASS_SHOCK_K = 40;

/** `bottle`: containers are filled; the liquid stays the drink. */
export function runBottle(context: StepContext): StepDone | Unreadable {
  const { step, pot, kitchen } = context;
  const filled = readContainer(step.text, step.headspace);
  if ('kind' in filled) return filled;
  const notes: StepNote[] = [];
  const volume_mL = pot.dry ? 0 : pot.body().volume();
  const room_mL = filled.count * (filled.size_mL - (filled.headspace_mL ?? 0));
  if (volume_mL > room_mL * 1.01)
    notes.push({
      code: 'vessel-overfull',
      text: `${formatNumber(volume_mL)} mL does not go into ${filled.count} x ${formatNumber(filled.size_mL)} mL. Have ${bottleLike(volume_mL - room_mL, filled)} more ready.`,
    });
  const hot = step.filledAt_C ?? pot.temperature_C[0]!;
  if (filled.glass && hot - kitchen.room_C > GLASS_SHOCK_K && !/warm|heat-?safe|hot/.test(filled.words))
    notes.push({
      code: 'hot-into-cold-glass',
      text: `It is ${formatNumber(Math.round(hot))} °C hot and the glass is cold: it can crack. Warm the glass in hot tap water first, or cool the drink below ${formatNumber(kitchen.room_C + GLASS_SHOCK_K)} °C.`,
    });
  const minutes = 2 + 1.5 * filled.count;
  return { minutes, handsOn_min: minutes, filled, notes };
}

/** Reads an altitude: "1200 m", "4000 ft". */
function readAltitude(written: string): number | Unreadable {
  const text = written.trim().toLowerCase();
  const number = scanNumber(text, 0);
  const unit = number ? text.slice(number.end).trim() : '';
  if (number && /^m(?:et(?:er|re)s?)?$/.test(unit)) return number.low;
  if (number && /^(?:ft|feet)$/.test(unit)) return number.low * 0.3048;
  return unreadable('unknown-unit', written, 'Write the altitude in m or ft, such as 300 m.', ['300 m', '1000 ft']);
}

/** `process`: jars in a bath of boiling water. */
export function runProcess(context: StepContext): StepDone | Unreadable {
  const { step } = context;
  const minutes = readMinutes(step.text);
  if (typeof minutes !== 'number') return minutes;
  if (step.method !== undefined && !/hot|boiling|water|bath/.test(step.method.toLowerCase()))
    return unreadable(
      'unknown-word',
      step.method,
      'Jars are processed in a hot-water bath here; other ways need tested recipes.',
      ['hot-water bath'],
    );
  // A kitchen at 0 m may be one of which nobody has said how high it is.
  const altitude_m =
    step.altitude !== undefined
      ? readAltitude(step.altitude)
      : context.kitchen.altitude_m > 0
        ? context.kitchen.altitude_m
        : null;
  if (altitude_m !== null && typeof altitude_m !== 'number') return altitude_m;
  return { minutes: minutes + 15, handsOn_min: 10, processed: { minutes, altitude_m } };
}

const PLACES: readonly (readonly [RegExp, StoragePlace])[] = [
  [/freez/, 'freezer'],
  [/fridge|refrigerat/, 'fridge'],
  [/cool|cellar|pantry/, 'cool room'],
  [/cupboard|shelf|room|dark|dry/, 'cupboard'],
];

/** `store`: where it is kept. */
export function runStore(context: StepContext): StepDone | Unreadable {
  const text = context.step.text.trim().toLowerCase();
  const place = PLACES.find(([words]) => words.test(text))?.[1];
  if (place) return { minutes: 1, handsOn_min: 1, place };
  const names = ['fridge', 'cool room', 'cupboard', 'freezer'];
  return unreadable(
    'unknown-word',
    context.step.text,
    `It is stored in the ${names.join(', ')}.`,
    nearestNames(text, names, 3),
  );
}
