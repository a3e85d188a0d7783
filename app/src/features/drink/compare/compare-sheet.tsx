import type { DrinkDocument } from '@wellhydra/core/drink';
import { useState } from 'react';
import type { RunContext } from '../../../domain/run/run-context';
import { Sheet } from '../../../ui/sheet';
import { ChooseOther, type Other } from './choose-other';
import { Compared } from './compared';

interface CompareSheetProps {
  readonly document: DrinkDocument;
  readonly context: RunContext;
  /** Chosen already, where it was asked for from a version. */
  readonly from?: Other | undefined;
  /** Changes the first, where it can be changed. */
  readonly onChange?: ((document: DrinkDocument, words: string) => void) | undefined;
  readonly onClose: () => void;
}

/** Two drinks side by side. */
export function CompareSheet({ document, context, from, onChange, onClose }: CompareSheetProps) {
  const [other, setOther] = useState<Other | null>(from ?? null);
  return (
    <Sheet title="Compare" open onClose={onClose} wide whole={other !== null}>
      {other ? (
        <Compared
          document={document}
          other={other}
          context={context}
          onAgain={() => setOther(null)}
          onChange={onChange}
        />
      ) : (
        <ChooseOther document={document} context={context} onChoose={setOther} />
      )}
    </Sheet>
  );
}
