import type { BottleRecord } from '@wellhydra/contract';
import { GrowingList } from '../../../ui/growing-list';
import { BottleLine } from '../bottle-line';
import { standingView } from './shelf-groups';

const STEP = 40;

interface UseFirstProps {
  readonly bottles: readonly BottleRecord[];
  readonly now: Date;
  readonly onPour: (bottle: BottleRecord) => void;
}

/** Bottles one under the other, the first to be used up on top. */
export const UseFirst = ({ bottles, now, onPour }: UseFirstProps) => (
  <GrowingList label="Use first" items={bottles} step={STEP} idOf={({ id }) => id}>
    {(bottle) => <BottleLine view={standingView(bottle, now)} linked onPour={() => onPour(bottle)} />}
  </GrowingList>
);
