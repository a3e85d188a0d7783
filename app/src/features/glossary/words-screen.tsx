import { Link } from 'expo-router';
import { useEffect, useRef } from 'react';
import { View } from 'react-native';
import { GLOSSARY, glossaryEntry, type GlossaryEntry } from '../../domain/words/glossary';
import { Page } from '../../ui/page';
import { Text } from '../../ui/text';
import { KnownValues } from './known-values';

/** The words that figures need, in plain ones; the one that was asked for is gone to. */
export function WordsScreen({ word }: { readonly word?: string | undefined }) {
  const asked = useRef<View>(null);
  useEffect(() => {
    (asked.current as unknown as HTMLElement | null)?.scrollIntoView?.({ block: 'start' });
  }, [word]);
  const here = word === undefined ? undefined : glossaryEntry(word);
  return (
    <Page title="Words" aside="What figures mean, and what they are like">
      <Link href="/drinks" className="min-h-[44px] self-start py-2 font-body text-16 text-teal underline">
        To the drinks
      </Link>
      <View role="list" aria-label="Words" className="gap-5">
        {GLOSSARY.map((entry) => (
          <View
            key={entry.id}
            ref={entry === here ? asked : undefined}
            role="listitem"
            className={`gap-1 border-t-2 pt-3 ${entry === here ? 'border-teal' : 'border-line'}`}
          >
            <Word entry={entry} />
          </View>
        ))}
      </View>
    </Page>
  );
}

function Word({ entry: { term, plain, known, use } }: { readonly entry: GlossaryEntry }) {
  return (
    <>
      <Text variant="heading">{term}</Text>
      <Text className="max-w-[640px]">{plain}</Text>
      <KnownValues known={known} />
      <Text variant="small" className="max-w-[640px] text-14">
        {use}
      </Text>
    </>
  );
}
