import type { Analysis } from '@wellhydra/core/analyse';
import { memo } from 'react';
import type { Basis } from '../../../state/preferences';
import { basisTitle } from '../../../domain/words/yield-words';
import { Rail } from '../../../ui/rail';
import { Text } from '../../../ui/text';
import { useLiveAnalysis } from '../live-run';
import { changeWords, changesView } from './changes-view';

interface FoldedFiguresProps {
  readonly analysis: Analysis;
  /** The drink before the line that is being edited. */
  readonly before: Analysis;
  readonly basis: Basis;
}

/** All figures in one: what the edit has changed most, from what to what. It follows every key. */
export const FoldedFigures = memo(function FoldedFigures({ analysis, before, basis }: FoldedFiguresProps) {
  const now = useLiveAnalysis(analysis);
  const [first] = changesView(before, now, basis);
  if (!first) return <Text className="text-15 text-panelmute">Add a step, and what is in it stands here.</Text>;
  const { id, spoken, equal: _equal, ...figure } = first;
  const words = changeWords(first);
  const where = basisTitle(now, basis);
  return (
    <>
      <Rail key={id} id={id} {...figure} spoken={first.was ? `${spoken}, before ${first.was}` : spoken} />
      <Text className="text-14 leading-18 text-panelmute">
        {where}
        {words ? (
          <Text className={`text-14 ${first.side ? 'font-bold text-[#FFB199]' : 'text-panelmute'}`}>, {words}</Text>
        ) : null}
      </Text>
    </>
  );
});
