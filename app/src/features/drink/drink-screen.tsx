import { router } from 'expo-router';
import { useCallback, useMemo, useState } from 'react';
import { ScrollView, View } from 'react-native';
import { failureOf } from '../../state/api';
import { noticeRaised } from '../../state/notices';
import { useAppDispatch } from '../../domain/store';
import { keepAction } from '../../state/undo-actions';
import { Loading, Message } from '../../ui/page-state';
import { Text } from '../../ui/text';
import { SheetPlace } from '../../ui/sheet';
import { wasByKeys } from '../../ui/last-input';
import { useAskToBeAlone } from '../../ui/page-alone';
import { useShortcuts } from '../../ui/use-shortcuts';
import { useHasLargeText } from '../../ui/use-large-text';
import { useHasRoomBeside, useIsShort, useIsWide } from '../../ui/use-layout';
import { KIND_NAMES } from '../../domain/drinks/kinds';
import { drinkDeleted, drinkRestored } from '../../domain/drinks/drink-deeds';
import { withoutOthers } from '../../domain/run/run-context';
import { useRunContext } from '../../domain/run/use-run-context';
import { usesOthers } from '../../domain/run/used-documents';
import { MeasureAsk } from '../measures/measure-ask';
import { Composer } from './step/composer';
import { ConflictNote } from './header/conflict-note';
import { drinkForgotten, type Draft } from '../../domain/drinks/drafts';
import { DrinkHeader } from './header/drink-header';
import { DrinkSheets, OVER_THE_PAGE, type OpenSheet } from './drink-sheets';
import { ToolStrip } from './header/tool-strip';
import { OpenedStep } from './step/opened-step';
import { FiguresPanel } from './figures/figures-panel';
import { unreadLines } from './figures/unread-lines';
import { KitchenLine } from './header/kitchen-line';
import { saveState } from './header/save-state';
import { TopLine } from './header/top-line';
import { EditHead } from './edit/edit-head';
import { EditKeys } from './edit/edit-keys';
import { linesWords, nextLine } from './edit/next-line';
import { NEXT_STEP, useEditing } from './edit/use-editing';
import { useStepActions } from './edit/use-step-actions';
import { LiveRunContext, useLiveRun } from './live-run';
import { AskedMoment, AskedMomentContext } from './stream/asked-moment';
import { StreamLegend } from './stream/legend';
import { bandsIn } from './stream/pot-bands';
import { StepList } from './step/step-list';
import { stepsView, wholeView } from './step/steps-view';
import { useDraft, type DraftHandle } from '../../domain/drinks/use-draft';

interface DrinkScreenProps {
  readonly id: string;
  /** The tool that is in hand when it is opened. */
  readonly tool?: OpenSheet;
}

/** The sheet on which a drink is thought out. */
export function DrinkScreen({ id, tool = null }: DrinkScreenProps) {
  const handle = useDraft(id);
  const { draft, error } = handle;
  if (draft) return <DrinkSheet draft={draft} handle={handle} tool={tool} />;
  if (!error) return <Loading what="the drink" />;
  const { code, message } = failureOf(error);
  const missing = code === 'not-found' || code === 'invalid-request';
  return (
    <Message
      title={missing ? 'No such drink' : 'The drink cannot be shown'}
      text={missing ? 'It was deleted, or the address is not quite right.' : message}
      action={{ label: 'All drinks', onPress: () => router.replace('/drinks') }}
    />
  );
}

function useDeleting({ id, revision, mine }: Draft) {
  const dispatch = useAppDispatch();
  return () => {
    const drink = { id, name: mine.name };
    if (revision > 0) dispatch(drinkDeleted(drink));
    router.replace('/drinks');
    dispatch(drinkForgotten(id));
    const run = keepAction(() => void dispatch(drinkRestored(drink)));
    dispatch(
      noticeRaised({
        text: `Deleted ${mine.name || 'the drink'}`,
        ...(revision > 0 ? { action: { label: 'Undo', run } } : {}),
      }),
    );
  };
}

interface DrinkSheetProps {
  readonly draft: Draft;
  readonly handle: DraftHandle;
  readonly tool: OpenSheet;
}

function DrinkSheet({ draft, handle, tool }: DrinkSheetProps) {
  const wide = useIsWide();
  const room = useHasRoomBeside();
  const [sheet, setSheet] = useState<OpenSheet>(tool);
  const document = draft.mine;
  const context = useRunContext();
  // Other drinks matter only to a drink that uses them.
  const needed = useMemo(() => (usesOthers(document) ? context : withoutOthers(context)), [document, context]);
  const { options, preparationsFor } = needed;
  const forRun = useMemo(() => ({ options, preparationsFor }), [options, preparationsFor]);
  const { live, analysis } = useLiveRun(document, forRun, handle.typing);
  const [opened, setOpened] = useState<string | null>(null);
  const bands = useMemo(() => bandsIn([analysis]).join(' '), [analysis]);
  const steps = useMemo(() => stepsView(document, analysis), [document, analysis]);
  const openedView = opened === null ? undefined : steps.find(({ id }) => id === opened);
  const inHand = sheet === null || OVER_THE_PAGE.has(sheet) ? null : (sheet as Exclude<OpenSheet, 'menu' | null>);
  const besideIt = room && (inHand !== null || openedView !== undefined);
  // With a tool beside it, and on a tablet, the sheet has as much room as on a phone.
  const narrow = besideIt || (wide && !room);
  const { editing, edit } = useEditing(live);
  const short = useIsShort();
  const large = useHasLargeText();
  // On a phone the line that is edited has the screen; the box for the next one has it while a keyboard is up.
  const folded = !wide && editing !== null && (editing.at !== NEXT_STEP || short);
  useAskToBeAlone(folded || besideIt);
  const deleteIt = useDeleting(draft);
  const { settle, addStep, addLine } = handle;
  const { id } = draft;
  const make = useCallback(() => router.push(`/make/new?drink=${id}`), [id]);
  const openResize = useCallback(() => setSheet('resize'), []);
  const openMenu = useCallback(() => setSheet('menu'), []);
  const pickTool = useCallback((tool: OpenSheet) => {
    setOpened(null);
    setSheet(tool);
  }, []);
  const openStep = useCallback((step: string | null) => {
    setSheet(null);
    setOpened(step);
  }, []);
  const [askedMoment] = useState(() => new AskedMoment());
  // One without a name has just been begun: from the keys it goes on from them.
  const [called, setCalled] = useState(() => (document.name === '' && tool === null && wasByKeys() ? 1 : 0));
  const callNext = useCallback(() => {
    edit(NEXT_STEP);
    setCalled((before) => before + 1);
  }, [edit]);
  const { actions, leaveNext, said } = useStepActions(handle, steps, edit, callNext, openStep);
  useShortcuts({ '.': openMenu });
  const goOn = useCallback(
    (at: string | null) => {
      if (at === NEXT_STEP) return callNext();
      edit(at);
      // Out of a box that stays, the keyboard goes only with the keys.
      if (at === null && editing?.at === NEXT_STEP) (globalThis.document.activeElement as HTMLElement | null)?.blur();
    },
    [edit, editing, callNext],
  );
  const typeNext = useCallback(() => edit(NEXT_STEP), [edit]);
  const pick = useCallback(() => openStep(addStep({ verb: 'add', text: '' })), [addStep, openStep]);
  const add = useCallback(
    (line: string) => {
      // What the line before it changed has been seen.
      edit(NEXT_STEP);
      addLine(line, context.options);
    },
    [addLine, context.options, edit],
  );
  const { conflicts, otherName } = draft;
  const conflictAt = useCallback(
    (at: string) => {
      const conflict = conflicts.find((each) => each.at === at);
      if (!conflict) return null;
      return (
        <ConflictNote
          conflict={conflict}
          otherName={otherName ?? 'Somebody'}
          onTake={() => settle(at, true)}
          onKeep={() => settle(at, false)}
        />
      );
    },
    [conflicts, otherName, settle],
  );
  // Nothing is advised from a part of a drink.
  const unread = unreadLines(document, analysis).length > 0;
  const elsewhere = draft.conflicts.filter(({ at }) => !document.steps.some((step) => step.id === at));
  return (
    <LiveRunContext.Provider value={live}>
      <AskedMomentContext.Provider value={askedMoment}>
        <View className={`flex-1 bg-sheet ${wide ? 'flex-row' : ''}`}>
          {folded && !(short && large) ? (
            <EditHead name={document.name} lines={linesWords(steps)} saved={saveState(draft)} typing={handle.typing} />
          ) : null}
          <ScrollView className="flex-1" contentContainerClassName="pb-8" role="main">
            <View className="w-full max-w-[760px] gap-4 self-center px-4 pt-4 md:px-7">
              {folded ? null : (
                <>
                  <TopLine kind={KIND_NAMES[analysis.drink.kind]} saved={saveState(draft)} typing={handle.typing} />
                  <DrinkHeader
                    document={document}
                    analysis={analysis}
                    onEdit={handle.edit}
                    onMake={make}
                    onResize={openResize}
                    onMore={openMenu}
                  />
                  {room ? <ToolStrip inHand={inHand} onPick={pickTool} /> : null}
                </>
              )}
              {elsewhere.map(({ at }) => (
                <View key={at}>{conflictAt(at)}</View>
              ))}
              <StepList
                {...actions}
                steps={steps}
                analysis={analysis}
                conflictAt={conflictAt}
                narrow={narrow}
                editing={editing?.at ?? null}
                onEdit={edit}
                keysBelow={folded}
              />
              {folded ? null : <StreamLegend bands={bands} />}
              <Composer
                line={draft.composer}
                onType={handle.type}
                options={context.options}
                onAdd={add}
                onPaste={handle.paste}
                onPick={pick}
                onFocus={typeNext}
                onLeave={leaveNext}
                called={called}
              />
              {folded ? null : (
                <>
                  <KitchenLine settings={context.settings} />
                  <MeasureAsk document={document} context={context} />
                  {(unread ? [] : wholeView(analysis)).map((text) => (
                    <Text key={text} variant="small">
                      {text}
                    </Text>
                  ))}
                </>
              )}
              <Text role="status" className="sr-only">
                {said}
              </Text>
            </View>
          </ScrollView>
          <FiguresPanel
            drinkId={id}
            document={document}
            analysis={analysis}
            context={context}
            onOpenStep={goOn}
            narrow={narrow}
            before={folded ? editing.before : null}
            editing={editing}
          />
          {folded ? (
            <EditKeys
              step={steps.find((step) => step.id === editing.at)}
              steps={steps}
              next={nextLine(steps, editing.at)}
              actions={actions}
              onEdit={goOn}
            />
          ) : null}
          <SheetPlace.Provider value={sheet !== null && OVER_THE_PAGE.has(sheet) ? 'over' : 'beside'}>
            {openedView ? (
              <OpenedStep
                drinkId={id}
                view={openedView}
                document={document}
                analysis={analysis}
                context={context}
                onReplace={handle.replace}
                onExchange={handle.exchange}
                onClose={() => setOpened(null)}
              />
            ) : null}
            <DrinkSheets
              open={sheet}
              draft={draft}
              analysis={analysis}
              context={context}
              handle={handle}
              onOpen={setSheet}
              onDelete={deleteIt}
            />
          </SheetPlace.Provider>
        </View>
      </AskedMomentContext.Provider>
    </LiveRunContext.Provider>
  );
}
