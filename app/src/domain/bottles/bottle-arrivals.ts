import type { BottleRecord } from '@wellhydra/contract';
import { showWaiting } from '../../state/sync/answers';
import { peopleApi, type Drunk } from '../people/people-endpoints';
import { bottlesApi, type BottleList } from './bottle-endpoints';
import { BOTTLE_SENDERS } from './bottle-sending';
import { bottleAfter, drunkAfter, shelfAfter, type BottleDeed } from './bottle-waiting';

/** Shows what waits to be sent of bottles and glasses over every answer of the server. */

const { listBottles, getBottle } = bottlesApi.endpoints;
const { listDrunk } = peopleApi.endpoints;

showWaiting<BottleDeed, BottleList, void>(listBottles, BOTTLE_SENDERS, ({ bottles }, deeds) => ({
  bottles: deeds.reduce(shelfAfter, bottles),
}));

showWaiting<BottleDeed, BottleRecord, string>(getBottle, BOTTLE_SENDERS, (bottle, deeds) =>
  deeds.reduce(bottleAfter, bottle),
);

showWaiting<BottleDeed, Drunk, string>(listDrunk, BOTTLE_SENDERS, (drunk, deeds, { state }) => {
  const { data } = listBottles.select()(state as never);
  const bottleOf = (id: string) => data?.bottles.find((bottle) => bottle.id === id);
  return deeds.reduce((so, deed) => drunkAfter(so, deed, bottleOf), drunk);
});
