import type { Analysis } from '@wellhydra/core/analyse';
import type { DrinkDocument } from '@wellhydra/core/drink';
import { useMemo, useState } from 'react';
import { View } from 'react-native';
import { Button } from '../../../ui/button';
import { Sheet } from '../../../ui/sheet';
import { Refusal } from '../../../ui/refusal';
import { PICTURE_ID, Picture } from './picture';
import { pictureView } from './picture-view';
import { saveAsPng, saveAsSvg } from './save-picture';

interface PictureSheetProps {
  readonly document: DrinkDocument;
  readonly analysis: Analysis;
  readonly onClose: () => void;
}

/** A still picture of the drink, to be shared or printed. */
export function PictureSheet({ document, analysis, onClose }: PictureSheetProps) {
  const view = useMemo(() => pictureView(document, analysis), [document, analysis]);
  const [problem, setProblem] = useState<string | null>(null);
  const name = document.name || 'Unnamed drink';
  const save = async (as: typeof saveAsSvg) => {
    const svg = globalThis.document.getElementById(PICTURE_ID) as unknown as SVGSVGElement | null;
    setProblem(null);
    if (svg)
      await as({ svg, name, width: view.width, height: view.height }).catch(() =>
        setProblem('The picture could not be made. Try the other kind.'),
      );
  };
  return (
    <Sheet title="A picture of it" open onClose={onClose} wide>
      <View className="flex-row flex-wrap gap-2">
        <Button label="Save as PNG" hint="Save the picture as PNG" onPress={() => void save(saveAsPng)} />
        <Button label="Save as SVG" hint="Save the picture as SVG" kind="plain" onPress={() => void save(saveAsSvg)} />
      </View>
      <Refusal message={problem} />
      <View className="border border-line">
        <Picture view={view} label={`${name}: its stream with ${document.steps.length} steps`} />
      </View>
    </Sheet>
  );
}
