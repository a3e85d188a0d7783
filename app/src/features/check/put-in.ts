import hears, { type Annyang } from 'annyang';

/** What hears people; nothing in a browser that cannot. Its types tell of it only as a global. */
const annyang = hears as unknown as Annyang | null;

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

/** Whether this browser hears people. */
export const canDictate = (): boolean => annyang !== null;

/**
 * Hears what is said until it is stopped.
 *
 * @param hear is given each sentence once it is certain, as it was most likely said
 * @param ended is called when it hears no more
 * @returns ends it
 */
export function dictate(hear: (sentence: string) => void, ended: () => void): () => void {
  const ear = annyang;
  if (!ear) return () => undefined;
  ear.setLanguage('en');
  ear.removeCallback();
  ear.addCallback('result', (likely?: string | readonly string[]) => {
    const sentence = (typeof likely === 'string' ? likely : likely?.[0])?.trim();
    if (sentence) hear(sentence);
  });
  ear.addCallback('end', ended);
  ear.addCallback('error', ended);
  ear.start({ autoRestart: false, continuous: true });
  return () => ear.abort();
}
