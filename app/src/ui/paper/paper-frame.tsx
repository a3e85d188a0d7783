import { useCallback, useRef, useState, type ReactNode } from 'react';
import { createPortal } from 'react-dom';
import { View } from 'react-native';
import { Button } from '../button';
import { fontRules } from './own-letters';
import { Refusal } from '../refusal';
import { PAPERS, PX_PER_MM, paperStyle, type Paper } from './paper-style';

interface PaperFrameProps {
  readonly paper: Paper;
  /** What a printer and a file call it. */
  readonly title: string;
  /** What is on the paper, in elements of a web page: nothing of the application's own style reaches it. */
  readonly children: ReactNode;
  /** Gets the page as a file of its own. */
  readonly onKeep: (page: Blob) => void;
}

/** An empty page with the letters and the look of paper. */
function layPaper(page: Document, paper: Paper, title: string): HTMLElement {
  page.documentElement.lang = 'en';
  page.title = title;
  const letters = page.createElement('link');
  letters.rel = 'stylesheet';
  letters.href = '/fonts.css';
  const style = page.createElement('style');
  style.textContent = paperStyle(paper);
  page.head.append(letters, style);
  return page.body;
}

/** The page as a file of its own, with its letters in it. */
async function pageText(page: Document): Promise<string> {
  const copy = page.documentElement.cloneNode(true) as HTMLElement;
  for (const link of copy.querySelectorAll('link')) link.remove();
  const charset = page.createElement('meta');
  charset.setAttribute('charset', 'utf-8');
  const letters = page.createElement('style');
  letters.textContent = await fontRules();
  copy.querySelector('head')!.prepend(charset, letters);
  return `<!doctype html>\n${copy.outerHTML}\n`;
}

/** Something as it comes out of a printer, with what prints and keeps it. It needs no server. */
export function PaperFrame({ paper, title, onKeep, children }: PaperFrameProps) {
  const page = useRef<Document | null>(null);
  const [body, setBody] = useState<HTMLElement | null>(null);
  const [room, setRoom] = useState(0);
  const [height, setHeight] = useState(0);
  const [problem, setProblem] = useState<string | null>(null);
  const { width, height: whole } = PAPERS[paper];
  const across = width * PX_PER_MM;
  const scale = room > 0 ? Math.min(1, room / across) : 1;

  const opened = useCallback(
    (frame: HTMLIFrameElement | null) => {
      const inside = frame?.contentDocument;
      if (!inside) return;
      page.current = inside;
      setBody(layPaper(inside, paper, title));
    },
    [paper, title],
  );
  const measured = useCallback((content: HTMLElement | null) => {
    if (!content || typeof ResizeObserver === 'undefined') return;
    const seen = new ResizeObserver(() => setHeight(content.ownerDocument.body.scrollHeight));
    seen.observe(content);
    return () => seen.disconnect();
  }, []);
  const print = () => {
    const window = page.current?.defaultView;
    if (!window) return;
    window.focus();
    window.print();
  };
  const keep = async () => {
    setProblem(null);
    try {
      onKeep(new Blob([await pageText(page.current!)], { type: 'text/html' }));
    } catch {
      setProblem('The page could not be kept. Print it instead.');
    }
  };
  return (
    <>
      <View className="flex-row flex-wrap gap-2">
        <Button label="Print" onPress={print} />
        <Button label="Save as a page" hint="Save as a page of HTML" kind="plain" onPress={() => void keep()} />
      </View>
      <Refusal message={problem} />
      <View
        className="overflow-hidden border border-line bg-white"
        style={{ height: Math.max(height, whole * PX_PER_MM) * scale }}
        onLayout={({ nativeEvent }) => setRoom(nativeEvent.layout.width)}
      >
        <iframe
          ref={opened}
          title={title}
          style={{
            width: across,
            height: Math.max(height, whole * PX_PER_MM),
            border: 0,
            transform: `scale(${scale})`,
            transformOrigin: '0 0',
          }}
        />
      </View>
      {body ? createPortal(<article ref={measured}>{children}</article>, body) : null}
    </>
  );
}
