import { answers } from '../../state/sync/answers';
import { rowsWrittenElsewhere } from '../../state/sync/owner';
import { kitchenApi } from './kitchen-endpoints';
import { settingsAmong } from './settings-draft';

// What another tab has stored is stored here, before anybody asks for it again.
answers.startListening({
  actionCreator: rowsWrittenElsewhere,
  effect: ({ payload }, { dispatch }) => {
    const other = settingsAmong(payload);
    if (!other) return;
    const { revision, base: settings } = other;
    dispatch(
      kitchenApi.util.updateQueryData('getSettings', undefined, (shown) =>
        revision > shown.revision ? { ...shown, revision, settings } : shown,
      ) as never,
    );
  },
});
