import { useCallback } from 'react';
import { useAppDispatch } from '../../domain/store';
import { noticeRaised } from '../../state/notices';
import { keepAction } from '../../state/undo-actions';

/** Tells of a newer build, which is one press away. */
export function useOfferBuild(): (take: () => void) => void {
  const dispatch = useAppDispatch();
  return useCallback(
    (take) =>
      void dispatch(
        noticeRaised({
          text: 'A newer version is here. What you typed is kept.',
          action: { label: 'Take it', run: keepAction(take) },
        }),
      ),
    [dispatch],
  );
}
