import { Sheet } from '../../../ui/sheet';
import { Text } from '../../../ui/text';

/** The recipe that a drink was read from, in the words in which it was written. */
export function SourceSheet({ source, onClose }: { readonly source: string; readonly onClose: () => void }) {
  return (
    <Sheet title="As it was written" open onClose={onClose} wide>
      <Text selectable className="whitespace-pre-wrap">
        {source}
      </Text>
    </Sheet>
  );
}
