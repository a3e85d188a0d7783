import type { DrinkVersion } from '@wellhydra/contract';
import type { Analysis } from '@wellhydra/core/analyse';
import type { DrinkDocument, DrinkStep } from '@wellhydra/core/drink';
import { router } from 'expo-router';
import { useState } from 'react';
import { noticeRaised } from '../../state/notices';
import { useAppDispatch } from '../../domain/store';
import { keepAction } from '../../state/undo-actions';
import { MadeItSheet } from '../bottles/made-it-sheet';
import type { RunContext } from '../../domain/run/run-context';
import { AimSheet } from './aim/aim-sheet';
import type { Other } from './compare/choose-other';
import { CompareSheet } from './compare/compare-sheet';
import { drinkStarted, type Draft } from '../../domain/drinks/drafts';
import type { DraftHandle } from '../../domain/drinks/use-draft';
import { CostSheet } from './cost/cost-sheet';
import { SizeAndKind } from './header/drink-header';
import { DrinkMenu, type MenuKey } from './header/drink-menu';
import { MadeForSheet } from './people/made-for-sheet';
import { PaperSheet } from './paper/paper-sheet';
import { PictureSheet } from './picture/picture-sheet';
import { ResizeSheet } from './resize/resize-sheet';
import { SourceSheet } from './header/source-sheet';
import { MomentsSheet } from './stream/moments-sheet';
import { VariantsSheet } from './variants/variants-sheet';
import { WentWellSheet } from './well/went-well-sheet';
import { VersionsSheet } from './versions/versions-sheet';

/** What can lie over the page. */
export type OpenSheet = MenuKey | 'menu' | null;

/** Those that lie over the page also where there is room beside it: they lead away from it, or need all of it. */
export const OVER_THE_PAGE: ReadonlySet<OpenSheet> = new Set<OpenSheet>([
  'menu',
  'made',
  'compare',
  'picture',
  'paper',
]);

interface DrinkSheetsProps {
  readonly open: OpenSheet;
  readonly draft: Draft;
  readonly analysis: Analysis;
  readonly context: RunContext;
  readonly handle: DraftHandle;
  readonly onOpen: (sheet: OpenSheet) => void;
  readonly onDelete: () => void;
}

const newId = () => crypto.randomUUID();

/** Changes a drink as a whole, and offers the way back. */
function useWholeChange({ edit }: DraftHandle, before: DrinkDocument) {
  const dispatch = useAppDispatch();
  return (after: DrinkDocument, text: string) => {
    edit(() => after);
    const run = keepAction(() => edit((now) => ({ ...before, ...(now.variants ? { variants: now.variants } : {}) })));
    dispatch(noticeRaised({ text, action: { label: 'Undo', run } }));
  };
}

function useFork(document: DrinkDocument) {
  const dispatch = useAppDispatch();
  return () => {
    const id = newId();
    const { variants: _board, ...rest } = document;
    const steps = document.steps.map((step) => ({ ...step, id: newId() }));
    dispatch(
      drinkStarted({ id, document: { ...rest, name: `${document.name || 'Unnamed drink'}, another way`, steps } }),
    );
    router.push(`/drinks/${id}`);
  };
}

/** The sheets of a drink: one at a time lies over the page. */
export function DrinkSheets({ open, draft, analysis, context, handle, onOpen, onDelete }: DrinkSheetsProps) {
  const document = draft.mine;
  const change = useWholeChange(handle, document);
  const fork = useFork(document);
  const [other, setOther] = useState<Other | undefined>();
  const close = () => {
    setOther(undefined);
    onOpen(null);
  };
  const goBack = (version: DrinkVersion) => {
    close();
    change(version.document, `Back to ${version.label ?? `version ${version.revision}`}`);
  };
  const takeDoses = (steps: readonly DrinkStep[], target: string) => {
    close();
    change(
      { ...document, ...(target ? { target } : {}), steps: steps.map((step) => ({ ...step, id: newId() })) },
      'The doses are the steps now',
    );
  };
  switch (open) {
    case 'menu':
      return (
        <DrinkMenu
          ready={analysis.problems.length === 0 && analysis.trace.pot.mass_g > 0}
          hasSource={Boolean(document.source)}
          onPick={(key) => (key === 'fork' ? (close(), fork()) : onOpen(key))}
          onClose={close}
        />
      );
    case 'settings':
      return (
        <SizeAndKind
          document={document}
          analysis={analysis}
          onEdit={handle.edit}
          onTotal={handle.setTotal}
          onDelete={onDelete}
          onClose={close}
        />
      );
    case 'for':
      return <MadeForSheet drinkId={draft.id} analysis={analysis} onClose={close} />;
    case 'resize':
      return (
        <ResizeSheet
          document={document}
          analysis={analysis}
          context={context}
          onTake={(resized) => {
            close();
            change(resized, 'Resized');
          }}
          onClose={close}
        />
      );
    case 'cost':
      return <CostSheet drinkId={draft.id} analysis={analysis} onClose={close} />;
    case 'well':
      return (
        <WentWellSheet
          drinkId={draft.id}
          document={document}
          context={context}
          onTake={(trial, text) => {
            close();
            change(trial, text);
          }}
          onClose={close}
        />
      );
    case 'source':
      return <SourceSheet source={document.source ?? ''} onClose={close} />;
    case 'aim':
      return <AimSheet drinkId={draft.id} analysis={analysis} context={context} onTake={takeDoses} onClose={close} />;
    case 'variants':
      return (
        <VariantsSheet
          document={document}
          context={context}
          onChange={(variants) => handle.edit((now) => ({ ...now, variants }))}
          onKeep={(kept, name) => {
            close();
            change(
              document.variants ? { ...kept, variants: document.variants } : kept,
              `Variant ${name} is the drink now`,
            );
          }}
          onClose={close}
        />
      );
    case 'versions':
      return (
        <VersionsSheet
          id={draft.id}
          onCompare={(version) => {
            setOther({ title: version.label ?? `Version ${version.revision}`, document: version.document });
            onOpen('compare');
          }}
          onGoBack={goBack}
          onClose={close}
        />
      );
    case 'compare':
      return <CompareSheet document={document} context={context} from={other} onChange={change} onClose={close} />;
    case 'moments':
      return <MomentsSheet analysis={analysis} onClose={close} />;
    case 'picture':
      return <PictureSheet document={document} analysis={analysis} onClose={close} />;
    case 'paper':
      return <PaperSheet document={document} analysis={analysis} onClose={close} />;
    case 'made':
      return <MadeItSheet draft={draft} analysis={analysis} context={context} onClose={close} />;
    default:
      return null;
  }
}
