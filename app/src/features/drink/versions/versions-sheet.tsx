import type { DrinkVersion } from '@wellhydra/contract';
import { compareSteps } from '@wellhydra/core/compare';
import type { DrinkDocument } from '@wellhydra/core/drink';
import { useState } from 'react';
import { View } from 'react-native';
import { failureOf } from '../../../state/api';
import { useAppDispatch } from '../../../domain/store';
import { Button } from '../../../ui/button';
import { Field } from '../../../ui/field';
import { Loading } from '../../../ui/page-state';
import { Sheet } from '../../../ui/sheet';
import { Text } from '../../../ui/text';
import { versionNamed } from '../../../domain/drinks/drink-deeds';
import { useListVersionsQuery } from '../../../domain/drinks/drink-endpoints';
import { stepTitle } from '../../../domain/words/step-words';

interface VersionsSheetProps {
  readonly id: string;
  readonly onCompare: (version: DrinkVersion) => void;
  readonly onGoBack: (version: DrinkVersion) => void;
  readonly onClose: () => void;
}

const MOST_SAID = 3;
const WHEN = new Intl.DateTimeFormat('en-GB', { day: 'numeric', month: 'short', hour: '2-digit', minute: '2-digit' });

/** What changed from one version to the next, in words. */
export function changeWords(before: DrinkDocument | undefined, after: DrinkDocument): string {
  if (!before) return 'The first version';
  const rows = compareSteps(before.steps, after.steps).filter(({ kind }) => kind !== 'same');
  const said = rows.slice(0, MOST_SAID).map(({ kind, first, second }) => {
    if (kind === 'only-second') return `added ${stepTitle(second!)}`;
    if (kind === 'only-first') return `without ${stepTitle(first!)}`;
    return `${stepTitle(first!)} became ${stepTitle(second!)}`;
  });
  const more = rows.length - said.length;
  return [...said, ...(more > 0 ? [`${more} more`] : [])].join('; ') || 'Name, serving or order';
}

/** Everything a drink has been, newest first. */
export function VersionsSheet({ id, onCompare, onGoBack, onClose }: VersionsSheetProps) {
  const { data, error } = useListVersionsQuery(id, { refetchOnMountOrArgChange: true });
  const versions = data?.versions ?? [];
  return (
    <Sheet title="Versions" open onClose={onClose}>
      {error && !data ? <Text className="text-heat">{failureOf(error).message}</Text> : null}
      {!error && !data ? <Loading what="versions" /> : null}
      <View role="list" aria-label="Versions">
        {versions.map((version, index) => (
          <View role="listitem" key={version.revision} className="gap-2 border-b border-line py-3">
            <View className="flex-row items-baseline justify-between gap-3">
              <Text variant="strong">{version.label ?? `Version ${version.revision}`}</Text>
              <Text variant="small">
                {WHEN.format(new Date(version.savedAt))} · {version.savedBy}
              </Text>
            </View>
            <Text>{changeWords(versions[index + 1]?.document, version.document)}</Text>
            {version.brews > 0 ? (
              <Text variant="small">
                Made {version.brews} {version.brews === 1 ? 'time' : 'times'}
              </Text>
            ) : null}
            <VersionActions
              id={id}
              version={version}
              isCurrent={index === 0}
              onCompare={() => onCompare(version)}
              onGoBack={() => onGoBack(version)}
            />
          </View>
        ))}
      </View>
    </Sheet>
  );
}

interface VersionActionsProps {
  readonly id: string;
  readonly version: DrinkVersion;
  readonly isCurrent: boolean;
  readonly onCompare: () => void;
  readonly onGoBack: () => void;
}

function VersionActions({ id, version, isCurrent, onCompare, onGoBack }: VersionActionsProps) {
  const dispatch = useAppDispatch();
  const [naming, setNaming] = useState<string | null>(null);
  const name = version.label ?? `version ${version.revision}`;
  const save = () => {
    dispatch(versionNamed({ id, name: version.document.name }, version.revision, naming?.trim() || null));
    setNaming(null);
  };
  if (naming !== null)
    return (
      <View className="gap-2">
        <Field label="Name of this version" value={naming} onChangeText={setNaming} onSubmitEditing={save} />
        <View className="flex-row gap-2">
          <Button label="Save name" onPress={save} />
          <Button label="Cancel" kind="quiet" onPress={() => setNaming(null)} />
        </View>
      </View>
    );
  return (
    <View className="flex-row flex-wrap gap-2">
      {isCurrent ? null : (
        <>
          <Button label="Compare" hint={`Compare with ${name}`} kind="plain" onPress={onCompare} />
          <Button label="Go back" hint={`Go back to ${name}`} kind="plain" onPress={onGoBack} />
        </>
      )}
      <Button label="Name it" hint={`Name it: ${name}`} kind="quiet" onPress={() => setNaming(version.label ?? '')} />
    </View>
  );
}
