import type { Analysis } from '@wellhydra/core/analyse';
import type { DrinkDocument } from '@wellhydra/core/drink';
import { useMemo, useState } from 'react';
import { fileName, saveFile } from '../../../state/save-file';
import { PaperFrame } from '../../../ui/paper/paper-frame';
import { Sheet } from '../../../ui/sheet';
import { DrinkPaper } from './drink-paper';
import { drinkPaperView } from './drink-paper-view';

interface PaperSheetProps {
  readonly document: DrinkDocument;
  readonly analysis: Analysis;
  readonly onClose: () => void;
}

/** The drink as a sheet of paper, to be hung up where it is made. */
export function PaperSheet({ document, analysis, onClose }: PaperSheetProps) {
  const [now] = useState(() => new Date());
  const view = useMemo(() => drinkPaperView(document, analysis, now), [document, analysis, now]);
  return (
    <Sheet title="On paper" open onClose={onClose} wide>
      <PaperFrame paper="A4" title={view.name} onKeep={(page) => saveFile(page, fileName(view.name, 'html'))}>
        <DrinkPaper view={view} />
      </PaperFrame>
    </Sheet>
  );
}
