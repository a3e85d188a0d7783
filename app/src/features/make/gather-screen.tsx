import { gatherList } from '@wellhydra/core/brew';
import { batchSteps } from '@wellhydra/core/drink';
import { router } from 'expo-router';
import { useMemo, useState, type ReactNode } from 'react';
import { View } from 'react-native';
import { useAppDispatch, useAppSelector } from '../../domain/store';
import { Button } from '../../ui/button';
import { Field } from '../../ui/field';
import { MomentField } from '../../ui/moment-field';
import { Loading, Message } from '../../ui/page-state';
import { Text } from '../../ui/text';
import { Toggle } from '../../ui/toggle';
import { useNow } from '../../ui/use-now';
import { useSession } from '../../domain/accounts/use-session';
import { analyseDocument } from '../../domain/run/analyse-document';
import { usedDocuments } from '../../domain/run/used-documents';
import type { Draft } from '../../domain/drinks/drafts';
import { useDraft } from '../../domain/drinks/use-draft';
import { useNamedOf } from '../../domain/people/use-named';
import { NamedList } from '../../ui/named-list';
import { cautionsView } from '../../domain/drinks/cautions-view';
import { yieldWords } from '../../domain/words/yield-words';
import { durationWords } from '@wellhydra/core/quantity';
import { resizeForm, resizeView } from '../drink/resize/resize-view';
import { doseWords } from '../../domain/words/dose-words';
import { showMass } from '../../domain/words/units';
import { stepTitle } from '../../domain/words/step-words';
import { useRunContext } from '../../domain/run/use-run-context';
import { brewStarted } from '../../domain/brews/brews';
import { MakeFrame } from './make-frame';

/** Before the first step: how much, who, and everything that should stand ready. */
export function GatherScreen({ drink }: { readonly drink: string }) {
  const { draft, error } = useDraft(drink);
  if (draft) return <Gather draft={draft} />;
  if (!error) return <Loading what="the drink" />;
  return (
    <Message
      title="No such drink"
      text="It was deleted, or the address is not quite right."
      action={{ label: 'All drinks', onPress: () => router.replace('/drinks') }}
    />
  );
}

function Section({ title, children }: { readonly title: string; readonly children: ReactNode }) {
  return (
    <View className="gap-1 rounded-[18px] bg-sheet p-4">
      <Text variant="subheading" aria-level={2}>
        {title}
      </Text>
      {children}
    </View>
  );
}

/** Something to tick off; ticks last as long as the page. */
function Ready({ label }: { readonly label: string }) {
  const [ready, setReady] = useState(false);
  return <Toggle label={label} value={ready} onChange={setReady} />;
}

function useAmount(draft: Draft) {
  const context = useRunContext();
  const document = draft.mine;
  const written = useMemo(() => analyseDocument(document, context), [document, context]);
  const [servings, setServings] = useState<string | null>(null);
  const resized = useMemo(() => {
    if (servings === null) return null;
    return resizeView(document, written, { ...resizeForm(written, context), servings }, context);
  }, [servings, document, written, context]);
  const made = resized?.kind === 'resized' ? resized.document : document;
  const analysis = useMemo(() => analyseDocument(made, context), [made, context]);
  const wrong = resized?.kind === 'wrong' && !/its size now/.test(resized.message) ? resized.message : undefined;
  const shown = servings ?? resizeForm(written, context).servings;
  return {
    context,
    made,
    analysis,
    shown,
    setServings,
    wrong,
    hints: resized?.kind === 'resized' ? resized.hints : [],
  };
}

function Gather({ draft }: { readonly draft: Draft }) {
  const dispatch = useAppDispatch();
  const session = useSession();
  const { context, made, analysis, shown, setServings, wrong, hints } = useAmount(draft);
  const [cook, setCook] = useState<string | null>(null);
  const [begins, setBegins] = useState<Date | null>(null);
  const now = useNow();
  const gathered = useMemo(() => gatherList(analysis, context.settings), [analysis, context.settings]);
  const { total } = yieldWords(analysis);
  const cautions = cautionsView(analysis);
  const named = useNamedOf(analysis);
  const running = useAppSelector((state) =>
    Object.values(state.brews.byId).some(({ drinkId }) => drinkId === draft.id),
  );
  const { entries, total_min, handsOn_min } = analysis.trace;
  const things = batchSteps(made).flatMap((step, index) => {
    const entry = entries.find((each) => each.step === index);
    if (!entry?.line || entry.added_g === undefined) return [];
    return [
      { id: step.id, words: [stepTitle(step), doseWords(entry.line, entry.added_g)].filter(Boolean).join(' · ') },
    ];
  });
  const inGlasses = (analysis.glass?.entries ?? []).flatMap(({ step, text, line, added_g }) => {
    if (!line || added_g === undefined) return [];
    const all = showMass(added_g * (analysis.serving?.servings ?? 1));
    return [{ id: `glass ${step}`, words: `${text} · in each glass, ${all} in all` }];
  });
  const ready = draft.revision > 0 && analysis.problems.length === 0 && analysis.trace.pot.mass_g > 0;
  const notYet = ready ? undefined : draft.revision === 0 ? 'The formula is being saved.' : 'Finish the formula first.';
  const begin = () => {
    const id = crypto.randomUUID();
    const { variants: _board, ...document } = made;
    const start = {
      drinkId: draft.id,
      drinkRevision: draft.revision,
      recipe: {
        document,
        preparations: usedDocuments(made, context.documents).map(({ variants: _tried, ...each }) => each),
        settings: context.settings,
      },
      cook: cook ?? session?.account.name ?? '',
      startedAt: (begins ?? new Date()).toISOString(),
    };
    dispatch(brewStarted({ id, start }));
    router.replace(`/make/${id}`);
  };
  return (
    <MakeFrame
      above={<Text className="text-14 text-panelmute">{made.name || 'Unnamed drink'}</Text>}
      then={notYet}
      back={{ label: 'Back', onPress: () => router.replace(`/drinks/${draft.id}`) }}
      next={{
        label: 'Begin',
        why: notYet ?? (wrong === undefined ? null : 'The servings above are not right yet.'),
        onPress: begin,
      }}
    >
      <Text variant="title" className="text-38 leading-43 text-onpanel">
        Have these ready
      </Text>
      <Text className="text-18 leading-26 text-onpanel">
        {total}, about {durationWords(total_min)}, your hands for {durationWords(handsOn_min)}.
      </Text>
      {running ? <Text className="text-17 text-onpanel">Another brew of this drink is under way already.</Text> : null}
      {cautions.stops.map(({ title, text }) => (
        <View key={title} role="alert" className="border-l-[4px] border-[#FF8F6B] pl-3">
          <Text className="font-bold text-onpanel">{title}</Text>
          <Text className="text-onpanel">{text}</Text>
        </View>
      ))}
      <NamedList cautions={named} />
      <Section title="How much, and who">
        <View className="flex-row gap-3">
          <View className="w-[120px]">
            <Field label="Servings" inputMode="decimal" value={shown} onChangeText={setServings} error={wrong} />
          </View>
          <View className="flex-1">
            <Field label="Who cooks" value={cook ?? session?.account.name ?? ''} onChangeText={setCook} />
          </View>
        </View>
        <MomentField label="Begins" value={begins ?? now} onChange={setBegins} />
        {hints.map((hint) => (
          <Text key={hint} variant="small">
            {hint}
          </Text>
        ))}
      </Section>
      <Section title="Goes in">
        {[...things, ...inGlasses].map(({ id, words }) => (
          <Ready key={`${id} ${words}`} label={words} />
        ))}
      </Section>
      <Section title="Tools">
        {gathered.vessels.map(({ name, because, fits }) => (
          <View key={name}>
            <Ready label={`${name}: ${because}`} />
            {fits ? null : (
              <Text variant="small" role="alert" className="pb-2 text-heat">
                Look at this one before you begin.
              </Text>
            )}
          </View>
        ))}
        <Ready label="Hands washed, worktop clean" />
        {gathered.wash.length > 0 ? (
          <Ready label={`Rinsed under running water: ${gathered.wash.join(', ').toLowerCase()}`} />
        ) : null}
        {gathered.stains.length > 0 ? (
          <Ready label={`Apron on: ${gathered.stains.join(', ').toLowerCase()} will stain cloth and wood`} />
        ) : null}
      </Section>
      {cautions.others.length > 0 ? (
        <Section title="Keep in mind">
          {cautions.others.map(({ title, text }) => (
            <View key={title} className="py-1">
              <Text variant="strong">{title}</Text>
              <Text variant="small">{text}</Text>
            </View>
          ))}
        </Section>
      ) : null}
      <Button label="Open the formula" kind="onPanel" onPress={() => router.replace(`/drinks/${draft.id}`)} />
    </MakeFrame>
  );
}
