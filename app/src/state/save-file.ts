/** How long a browser may take to begin with a download, ms. */
const KEPT_ms = 10_000;

/** Hands a file over as a download. */
export function saveFile(file: Blob, name: string): void {
  const url = URL.createObjectURL(file);
  const link = document.createElement('a');
  link.href = url;
  link.download = name;
  link.click();
  setTimeout(() => URL.revokeObjectURL(url), KEPT_ms);
}

/** A file name out of what somebody has named something. */
export const fileName = (name: string, ending: 'svg' | 'png' | 'html'): string =>
  `${
    name
      .normalize('NFKD')
      .replace(/\p{M}/gu, '')
      .toLowerCase()
      .replace(/[^a-z0-9]+/g, '-')
      .replace(/^-+|-+$/g, '')
      .slice(0, 60) || 'drink'
  }.${ending}`;
