/** A recipe from a file: its text and its name. */
export interface OpenedFile {
  readonly text: string;
  readonly name: string;
}

/** What can be opened. */
const ACCEPTS = '.txt,.md,.markdown,.csv,.json,.jsonld,.html,.htm,text/*,application/json,application/ld+json';
/** A saved page may be as large, bytes. */
const LARGEST_B = 4_000_000;

/** Lets a person choose a file; nothing where they choose none. @throws Error in words for them */
export function chooseFile(): Promise<OpenedFile | null> {
  return new Promise((resolve, reject) => {
    const input = document.createElement('input');
    input.type = 'file';
    input.accept = ACCEPTS;
    input.style.display = 'none';
    const done = () => input.remove();
    input.addEventListener('cancel', () => {
      done();
      resolve(null);
    });
    input.addEventListener('change', () => {
      const [file] = input.files ?? [];
      done();
      if (!file) return resolve(null);
      if (file.size > LARGEST_B) return reject(new Error(`${file.name} is too large to be a recipe: 4 MB at most.`));
      file.text().then(
        (text) => resolve({ text, name: file.name }),
        () => reject(new Error(`${file.name} cannot be read.`)),
      );
    });
    document.body.append(input);
    input.click();
  });
}

/** What another application has shared: its title, its text and its address, each on lines of its own. */
export function sharedText(params: Readonly<Record<string, string | string[] | undefined>>): string {
  const said = (name: string): string => {
    const value = params[name];
    return (Array.isArray(value) ? value.join('\n') : (value ?? '')).trim();
  };
  const [title, text] = [said('title'), said('text')];
  return [text.startsWith(title) ? '' : title, text || said('url')].filter(Boolean).join('\n\n');
}

interface Heard {
  readonly results: ArrayLike<ArrayLike<{ readonly transcript: string }> & { readonly isFinal: boolean }>;
  readonly resultIndex: number;
}
interface Recognition {
  continuous: boolean;
  lang: string;
  onresult: ((heard: Heard) => void) | null;
  onend: (() => void) | null;
  onerror: (() => void) | null;
  start: () => void;
  stop: () => void;
}

/** What hears a person in this browser; nothing where it cannot. */
const recognition = (): (new () => Recognition) | undefined => {
  const has = globalThis as unknown as Record<string, (new () => Recognition) | undefined>;
  return has.SpeechRecognition ?? has.webkitSpeechRecognition;
};

export const canDictate = (): boolean => recognition() !== undefined;

/**
 * Hears what is said until it is stopped.
 *
 * @param hear is given each sentence once it is certain
 * @param ended is called when it hears no more
 * @returns ends it
 */
export function dictate(hear: (sentence: string) => void, ended: () => void): () => void {
  const Hears = recognition();
  if (!Hears) return () => undefined;
  const ear = new Hears();
  ear.continuous = true;
  ear.lang = 'en';
  ear.onresult = ({ results, resultIndex }) => {
    for (let at = resultIndex; at < results.length; at += 1)
      if (results[at]!.isFinal) hear(results[at]![0]!.transcript.trim());
  };
  ear.onend = ended;
  ear.onerror = ended;
  ear.start();
  return () => ear.stop();
}
