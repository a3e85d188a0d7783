import { startTransition, useEffect, useState } from 'react';
import type { TypedAhead } from '../../../domain/drinks/typed-ahead';
import { SAVING } from './save-state';

interface SavedWordsProps {
  readonly saved: string;
  readonly typing: TypedAhead;
}

/**
 * Whether it is stored: what is being typed right now is not, yet. Said once the stream and the figures are
 * drawn, since words of another length lay out all that stands around them.
 */
export function SavedWords({ saved, typing: { watch, isAhead } }: SavedWordsProps): string {
  const [ahead, setAhead] = useState(isAhead);
  useEffect(() => {
    const follow = () => startTransition(() => setAhead(isAhead()));
    // It may have been taken over between the first drawing and now.
    follow();
    return watch(follow);
  }, [watch, isAhead]);
  return ahead ? SAVING : saved;
}
