import type { DrinkDocument } from '@wellhydra/core/drink';
import type { KitchenSettings } from '@wellhydra/core/kitchen';
import { useEffect, useState } from 'react';
import { usedDocuments } from '../../domain/run/used-documents';
import { WorkerError } from '../../domain/workers/worker-client';
import type { DrinkFigures, FiguresOf } from './drinks-view';
import { openFiguresClient } from './figures-client';

interface Known {
  readonly settings: KitchenSettings | null;
  readonly others: readonly DrinkDocument[];
  readonly figures: DrinkFigures;
}

/** A thousand drinks are run once each, not at every key of a search, nor when one of them is saved. */
const known = new WeakMap<DrinkDocument, Known>();

const same = (one: readonly unknown[], other: readonly unknown[]): boolean =>
  one.length === other.length && one.every((each, index) => each === other[index]);

/** What has come in is drawn this often, ms. */
const DRAW_EVERY_ms = 100;

/** Why there are none stands where they would: beside a name a warning is about the drink. */
const withoutFigures = (why: string): DrinkFigures => ({
  size: '',
  summary: why,
  warning: null,
  stream: [],
  spoken: why,
  takes: null,
});

/** Runs those drinks that are not known as they stand, one by one, and tells of them now and then. */
function runUnknown(settings: KitchenSettings | null, documents: readonly DrinkDocument[], tell: () => void) {
  const client = openFiguresClient();
  let stopped = false;
  let timer: ReturnType<typeof setTimeout> | undefined;
  const told = () => {
    timer ??= setTimeout(() => {
      timer = undefined;
      tell();
    }, DRAW_EVERY_ms);
  };
  const run = async () => {
    for (const document of documents) {
      const others = usedDocuments(document, documents);
      const before = known.get(document);
      if (before?.settings === settings && same(before.others, others)) continue;
      const figures = await client.ask({ document, settings, others }).catch((error: unknown) => {
        if (!(error instanceof WorkerError)) throw error;
        return withoutFigures(error.message);
      });
      if (stopped) return;
      known.set(document, { settings, others, figures });
      told();
    }
  };
  void run();
  return () => {
    stopped = true;
    clearTimeout(timer);
    client.close();
  };
}

/** A new function whenever there is more to tell, so that the lines are drawn anew. */
const whatIsKnown = (): FiguresOf => (document) => known.get(document)?.figures;

/** The reckoning behind the list: the list stands without it, and each line is filled as it comes. */
export function useFigures(settings: KitchenSettings | null, documents: readonly DrinkDocument[]): FiguresOf {
  const [figuresOf, setFiguresOf] = useState(whatIsKnown);
  useEffect(() => runUnknown(settings, documents, () => setFiguresOf(whatIsKnown)), [settings, documents]);
  return figuresOf;
}
