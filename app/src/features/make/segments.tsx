import { Pressable, View } from 'react-native';
import type { StepPage } from './make-view';

const SEGMENTS = { left: 'bg-chosen', now: 'bg-[#E3A21A]', open: 'bg-panelline' } as const;

/** How far it is: a mark for every step, each a way there. */
export function Segments({
  pages,
  at,
  current,
  onLook,
}: {
  readonly pages: readonly StepPage[];
  readonly at: number;
  readonly current: number;
  readonly onLook: (to: number) => void;
}) {
  return (
    <View className="flex-row gap-1" role="navigation" aria-label="Steps of this brew">
      {pages.map((page, index) => (
        <Pressable
          key={page.id}
          role="button"
          aria-label={`Step ${index + 1}, ${page.title}${page.left ? `, ${page.left}` : ''}`}
          aria-current={index === at ? 'step' : undefined}
          onPress={() => onLook(index)}
          className="h-[24px] flex-1 justify-center"
        >
          <View
            className={`h-[6px] rounded-full ${SEGMENTS[index === current ? 'now' : page.left ? 'left' : 'open']} ${index === at ? 'h-[10px]' : ''}`}
          />
        </Pressable>
      ))}
    </View>
  );
}
