/** Letters as they are on the page; what is opened elsewhere brings them along. */
const FONTS = [
  ['Bricolage Grotesque', 700, '/fonts/bricolage-grotesque-700.woff2'],
  ['Atkinson Hyperlegible Next', 400, '/fonts/atkinson-hyperlegible-next-400.woff2'],
  ['Atkinson Hyperlegible Next', 700, '/fonts/atkinson-hyperlegible-next-700.woff2'],
] as const;

async function dataAddress(blob: Blob): Promise<string> {
  return new Promise((resolve, reject) => {
    const reader = new FileReader();
    reader.onload = () => resolve(String(reader.result));
    reader.onerror = () => reject(reader.error ?? new Error('The file cannot be read.'));
    reader.readAsDataURL(blob);
  });
}

/** The faces as rules; without a network and a stored copy the file has the letters of whoever opens it. */
export async function fontRules(): Promise<string> {
  const rules = FONTS.map(async ([family, weight, address]) => {
    const answer = await fetch(address).catch(() => null);
    if (!answer?.ok) return '';
    const source = await dataAddress(await answer.blob());
    return `@font-face{font-family:'${family}';font-weight:${weight};src:url(${source}) format('woff2')}`;
  });
  return (await Promise.all(rules)).join('');
}
