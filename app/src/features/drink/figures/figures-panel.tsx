import type { Analysis } from '@wellhydra/core/analyse';
import type { Caution } from '@wellhydra/core/caution';
import type { DrinkDocument } from '@wellhydra/core/drink';
import { memo, useCallback, useState, type ReactNode } from 'react';
import { ScrollView, View } from 'react-native';
import { basisChosen, type Basis } from '../../../state/preferences';
import { useAppDispatch, useAppSelector } from '../../../domain/store';
import { Button } from '../../../ui/button';
import { Choice } from '../../../ui/choice';
import { Rail } from '../../../ui/rail';
import { Text } from '../../../ui/text';
import { useHasLargeText } from '../../../ui/use-large-text';
import { PullHandle } from '../../../ui/pull-handle';
import { useIsShort, useIsWide } from '../../../ui/use-layout';
import { namedSummary } from '@wellhydra/core/people';
import { useMadeForWords } from '../people/use-made-for-words';
import { useNamedOf } from '../../../domain/people/use-named';
import { NamedList } from '../../../ui/named-list';
import type { RunContext } from '../../../domain/run/run-context';
import { AskedOr } from './asked-or';
import { StopCautions, StopTitles } from './cautions';
import { cautionsView } from '../../../domain/drinks/cautions-view';
import { OriginSheet } from './origin-sheet';
import { originView } from './origin-view';
import { useLiveAnalysis } from '../live-run';
import { figuresView, type FigureView, type Ranges } from './figures-view';
import { useFiguresThatStay } from './use-figures-that-stay';
import { FoldedFigures } from './folded-figures';
import { basisTitle } from '../../../domain/words/yield-words';
import { MoreAboutIt } from './more-about-it';
import { UnreadNote, unreadLines } from './unread-lines';
import { useSpread } from './use-spread';

interface FiguresPanelProps {
  readonly drinkId: string;
  readonly document: DrinkDocument;
  readonly analysis: Analysis;
  readonly context: RunContext;
  /** Opens a step, by its id. */
  readonly onOpenStep: (id: string) => void;
  /** A tool stands beside it on a wide screen, or the screen is a tablet. */
  readonly narrow?: boolean;
  /** The drink before the line that is being edited on a phone: the figures fold to what it has changed. */
  readonly before?: Analysis | null;
  /** The line that is being edited. */
  readonly editing?: object | null;
}

const BASES: readonly { readonly value: Basis; readonly label: string }[] = [
  { value: 'serving', label: 'Serving' },
  { value: 'spoon', label: 'Spoon' },
  { value: 'glass', label: 'Glass' },
  { value: 'litre', label: 'Litre' },
  { value: 'batch', label: 'Batch' },
];

/** On a phone the panel shows this many figures until it is opened; one, where a warning needs the room. */
const FIGURES_IN_SIGHT = 3;

/** The dark panel: figures on their rails, cautions, keeping. Beside the page on a wide screen, under it on a phone. */
export const FiguresPanel = memo(function FiguresPanel({
  drinkId,
  document,
  analysis,
  context,
  onOpenStep,
  narrow = false,
  before = null,
  editing = null,
}: FiguresPanelProps) {
  const spread = useSpread(document, context);
  const wide = useIsWide();
  const large = useHasLargeText();
  const short = useIsShort();
  const [open, setOpen] = useState(false);
  // Each line begins with the figures folded.
  const [openFor, setOpenFor] = useState(before);
  if (openFor !== before) {
    setOpenFor(before);
    setOpen(false);
  }
  const [asked, setAsked] = useState<string | null>(null);
  const basis = useAppSelector((state) => state.preferences.basis);
  const dispatch = useAppDispatch();
  const askedFigure =
    asked === null ? undefined : figuresView(analysis, basis, spread.ranges).find(({ id }) => id === asked);
  const cautions = cautionsView(analysis);
  const named = useNamedOf(analysis);
  const madeFor = useMadeForWords(drinkId, analysis);
  const pullUp = useCallback(() => setOpen(true), []);
  const pullDown = useCallback(() => setOpen(false), []);
  const unread = unreadLines(document, analysis);
  const whole = wide || open;
  const most = whole ? null : cautions.stops.length > 0 ? 1 : FIGURES_IN_SIGHT;
  const others = cautions.others.length;
  const musts = (
    <>
      {before && short && !open ? <StopTitles cautions={cautions.stops} /> : <StopCautions cautions={cautions.stops} />}
      {whole ? <NamedList cautions={named} /> : <NamedLine words={namedSummary(named)} />}
      {whole && madeFor ? <Text className="text-15 font-bold text-onpanel">{madeFor.title}</Text> : null}
      {madeFor?.crossed.map((words) => (
        <Text key={words} className="text-14 font-bold leading-20 text-[#FFB199]">
          {words}
        </Text>
      ))}
    </>
  );
  const figuresAndMore = (
    <View className="gap-3">
      {musts}
      <UnreadNote lines={unread} brief={!whole} onOpen={onOpenStep} />
      {whole ? (
        <Choice
          label="Figures for"
          options={BASES}
          value={basis}
          onChange={(value) => dispatch(basisChosen(value))}
          onPanel
        />
      ) : null}
      <AskedOr>
        <LiveRails
          analysis={analysis}
          editing={editing}
          basis={basis}
          ranges={spread.ranges}
          most={most}
          narrow={wide && narrow}
          onAsk={setAsked}
        />
      </AskedOr>
      {whole ? <MoreAboutIt analysis={analysis} spread={spread} partial={unread.length > 0} /> : null}
      {askedFigure ? (
        <OriginSheet view={originView(analysis, basis, askedFigure)} onClose={() => setAsked(null)} />
      ) : null}
    </View>
  );
  const title = (
    <Text variant="heading" className="shrink text-onpanel">
      {basisTitle(analysis, basis)}
    </Text>
  );
  if (wide)
    return (
      <View
        className={`on-panel bg-panel ${narrow ? 'w-[300px]' : 'w-[400px]'}`}
        role="complementary"
        aria-label="Figures"
      >
        <ScrollView contentContainerClassName="gap-4 p-6 pb-12">
          {title}
          {figuresAndMore}
        </ScrollView>
      </View>
    );
  const toggle = (
    <Button label={open ? 'Fewer' : 'All'} kind="onPanel" expanded={open} onPress={() => setOpen(!open)} />
  );
  return (
    <View
      className="on-panel max-h-[72%] rounded-t-[20px] bg-panel px-4 pb-2 pt-2"
      role="complementary"
      aria-label="Figures"
    >
      <PullHandle onUp={pullUp} onDown={pullDown} />
      {before && !open ? (
        <Folded musts={musts} bare={large && short} cautions={cautions.stops} toggle={toggle}>
          <AskedOr>
            <FoldedFigures analysis={analysis} before={before} basis={basis} />
          </AskedOr>
        </Folded>
      ) : (
        <>
          <View className="min-h-[48px] flex-row flex-wrap items-center justify-between gap-2">
            {title}
            <View className="flex-row items-center gap-2">
              {!open && others > 0 ? <HowManyCautions count={others} /> : null}
              {toggle}
            </View>
          </View>
          {open ? (
            <ScrollView>{figuresAndMore}</ScrollView>
          ) : large || short ? (
            // With large letters, and on a low screen, it gives way to what is edited, but for what must not be missed.
            <>
              {musts}
              <AskedOr>{null}</AskedOr>
            </>
          ) : (
            figuresAndMore
          )}
        </>
      )}
    </View>
  );
});

/** Figures in one line under what must not be missed; `bare` where there is room for one of the two. */
function Folded({
  musts,
  bare,
  cautions,
  toggle,
  children,
}: {
  readonly musts: ReactNode;
  readonly bare: boolean;
  readonly cautions: readonly Caution[];
  readonly toggle: ReactNode;
  readonly children: ReactNode;
}) {
  return (
    <View className="gap-1">
      {bare ? null : musts}
      <View className="flex-row items-center gap-4">
        <View className="min-w-0 flex-1">
          {bare && cautions.length > 0 ? <StopTitles cautions={cautions} /> : children}
        </View>
        {bare ? null : toggle}
      </View>
    </View>
  );
}

function HowManyCautions({ count }: { readonly count: number }) {
  return (
    <Text variant="smallStrong" className="overflow-hidden rounded-[8px] bg-[#F3D9A4] px-2 py-1 text-[#3B2A00]">
      {count === 1 ? '1 caution' : `${count} cautions`}
    </Text>
  );
}

/** In a narrow panel a figure of more letters than this has a line for its name. */
const MOST_LETTERS = 30;
const isLong = ({ label, value, equal = '' }: Pick<FigureView, 'label' | 'value' | 'equal'>): boolean =>
  label.length + value.length + equal.length > MOST_LETTERS;

/** The rails of the newest run; `most` of them, or all. */
const LiveRails = memo(function LiveRails({
  analysis,
  editing,
  basis,
  ranges,
  most,
  narrow,
  onAsk,
}: {
  readonly analysis: Analysis;
  readonly editing: object | null;
  readonly basis: Basis;
  readonly ranges: Ranges;
  readonly most: number | null;
  readonly narrow: boolean;
  readonly onAsk: (id: string) => void;
}) {
  const figures = useFiguresThatStay(useLiveAnalysis(analysis), editing, basis, ranges);
  const shown = most === null ? figures : figures.filter(({ places }) => places !== null).slice(0, most);
  if (figures.length === 0) return <Text className="text-panelmute">Add a step, and what is in it stands here.</Text>;
  return shown.map(({ id, ...figure }) => (
    <Rail key={id} id={id} {...figure} onAsk={onAsk} stacked={narrow && isLong(figure)} />
  ));
});

/** Whom it is not for, where there is room for one line. */
function NamedLine({ words }: { readonly words: string }) {
  return words ? <Text className="text-14 font-bold leading-20 text-[#FFB199]">{words}</Text> : null;
}
