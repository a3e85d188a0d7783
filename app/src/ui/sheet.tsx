import { createContext, useContext, useEffect, useRef, type ReactNode } from 'react';
import { Modal, ScrollView, View } from 'react-native';
import X from 'lucide-react-native/icons/x';
import { IconButton } from './icon-button';
import { SHEET_KEYS } from './list-keys';
import { Text } from './text';
import { useHasRoomBeside, useIsWide } from './use-layout';

interface SheetProps {
  readonly title: string;
  readonly open: boolean;
  readonly onClose: () => void;
  readonly children: ReactNode;
  /** For what stands side by side. */
  readonly wide?: boolean;
  /** Has a wide screen to itself, and lays out its columns by itself there. */
  readonly whole?: boolean;
}

/** Where the sheets of a page stand: over it, or beside it where the screen has room. */
export const SheetPlace = createContext<'over' | 'beside'>('over');

/** A sheet over the page, from below on a phone and in the middle on a wide screen; or a panel beside the page. */
export function Sheet({ title, open, onClose, children, wide = false, whole = false }: SheetProps) {
  const place = useContext(SheetPlace);
  const room = useHasRoomBeside();
  const columns = useIsWide() && whole;
  if (place === 'beside' && room)
    return open ? (
      <Panel title={title} onClose={onClose}>
        {children}
      </Panel>
    ) : null;
  if (columns)
    return (
      <Modal visible={open} transparent onRequestClose={onClose} animationType="none" aria-label={title}>
        <View className="flex-1 bg-sheet" {...SHEET_KEYS}>
          <Head title={title} onClose={onClose} />
          {children}
        </View>
      </Modal>
    );
  return (
    <Modal visible={open} transparent onRequestClose={onClose} animationType="none" aria-label={title}>
      <View className="flex-1 justify-end bg-[#0E2A2B99] md:justify-center md:items-center">
        <View
          className={`max-h-[92%] w-full rounded-t-[20px] bg-sheet md:rounded-[20px] ${wide ? 'md:w-[860px]' : 'md:w-[520px]'}`}
          {...SHEET_KEYS}
        >
          <Inside title={title} onClose={onClose}>
            {children}
          </Inside>
        </View>
      </View>
    </Modal>
  );
}

type InsideProps = Pick<SheetProps, 'title' | 'onClose' | 'children'>;

function Head({ title, onClose }: Omit<InsideProps, 'children'>) {
  return (
    <View className="flex-row items-center justify-between pl-5 pr-3 pt-4">
      <Text variant="heading">{title}</Text>
      <IconButton icon={X} label="Close" onPress={onClose} />
    </View>
  );
}

function Inside({ title, onClose, children }: InsideProps) {
  return (
    <>
      <Head title={title} onClose={onClose} />
      <ScrollView contentContainerClassName="gap-4 p-5 pt-2">{children}</ScrollView>
    </>
  );
}

/** Stands beside the page, which stays in use; the keys are where it was opened from once it is closed. */
function Panel({ title, onClose, children }: InsideProps) {
  const panel = useRef<View>(null);
  const close = useRef(onClose);
  useEffect(() => {
    close.current = onClose;
  });
  useEffect(() => {
    const element = panel.current as unknown as HTMLElement;
    const before = document.activeElement as HTMLElement | null;
    element.focus();
    // By the page's own event: a box of React Native keeps the one of React to itself.
    const pressed = (event: KeyboardEvent) => {
      if (event.key !== 'Escape') return;
      event.stopPropagation();
      close.current();
    };
    element.addEventListener('keydown', pressed);
    return () => {
      element.removeEventListener('keydown', pressed);
      // Whoever has gone on to something else stays there.
      const here = document.activeElement;
      if (here === null || here === document.body || element.contains(here)) before?.focus();
    };
  }, []);
  return (
    <View
      ref={panel}
      role="dialog"
      aria-label={title}
      tabIndex={-1}
      className="w-[400px] border-l border-line bg-sheet outline-none"
      {...SHEET_KEYS}
    >
      {/* What it opens itself lies over the page. */}
      <SheetPlace.Provider value="over">
        <Inside title={title} onClose={onClose}>
          {children}
        </Inside>
      </SheetPlace.Provider>
    </View>
  );
}
