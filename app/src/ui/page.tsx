import type { ReactNode } from 'react';
import { ScrollView, View } from 'react-native';
import { Text } from './text';

interface PageProps {
  readonly title: string;
  readonly aside?: string;
  readonly children: ReactNode;
  readonly actions?: ReactNode;
  /** Has columns of its own, and all the width there is for them. */
  readonly columns?: boolean;
}

/** A page that scrolls under its title. */
export function Page({ title, aside, children, actions, columns = false }: PageProps) {
  return (
    <ScrollView className="flex-1 bg-mist" contentContainerClassName="pb-16" role="main">
      <View className={`w-full ${columns ? 'max-w-[1480px]' : 'max-w-[860px]'} self-center gap-4 px-4 pt-5 md:px-8`}>
        <View className="flex-row flex-wrap items-end justify-between gap-2">
          <Text variant="title">{title}</Text>
          {aside ? <Text variant="small">{aside}</Text> : null}
        </View>
        {actions}
        {children}
      </View>
    </ScrollView>
  );
}
