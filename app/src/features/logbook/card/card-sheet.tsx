import type { LogbookBrew } from '@wellhydra/contract';
import { skipToken } from '@reduxjs/toolkit/query';
import { useMemo, useState } from 'react';
import { useGetBottleQuery } from '../../../domain/bottles/bottle-endpoints';
import { useGetRunQuery } from '../../../domain/brews/brew-endpoints';
import { useRunContext } from '../../../domain/run/use-run-context';
import { useLotsOfBrewQuery } from '../../../domain/stores/store-endpoints';
import { failureOf } from '../../../state/api';
import { fileName, saveFile } from '../../../state/save-file';
import { PaperFrame } from '../../../ui/paper/paper-frame';
import { Sheet } from '../../../ui/sheet';
import { Text } from '../../../ui/text';
import { BrewCard } from './brew-card';
import { brewCardView } from './brew-card-view';

/** Whatever is not known of it yet is on its way, or cannot be had now. */
function lackWords(errors: readonly unknown[]): string | null {
  const away = errors.some((error) => error !== undefined && failureOf(error).code === 'offline');
  return away ? 'Not all of it can be looked up now, so the card lacks some.' : null;
}

/** A brew as a card, to be kept with its bottles. */
export function CardSheet({ brew, onClose }: { readonly brew: LogbookBrew; readonly onClose: () => void }) {
  const [now] = useState(() => new Date());
  const { settings } = useRunContext();
  const run = useGetRunQuery(brew.id);
  const bottle = useGetBottleQuery(brew.bottleIds[0] ?? skipToken);
  const lots = useLotsOfBrewQuery(brew.id);
  const view = useMemo(
    () =>
      brewCardView(
        { brew, run: run.data ?? null, bottle: bottle.data ?? null, lots: lots.data ?? null },
        now,
        settings.currency,
      ),
    [brew, run.data, bottle.data, lots.data, now, settings.currency],
  );
  const title = `${view.name} ${brew.batch}`;
  const lack = lackWords([run.error, bottle.error, lots.error]);
  return (
    <Sheet title="On a card" open onClose={onClose} wide>
      {lack ? <Text role="status">{lack}</Text> : null}
      <PaperFrame paper="A5" title={title} onKeep={(page) => saveFile(page, fileName(title, 'html'))}>
        <BrewCard view={view} />
      </PaperFrame>
    </Sheet>
  );
}
