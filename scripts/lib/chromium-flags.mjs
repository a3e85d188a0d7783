// @ts-check

/** Flags for Debian's Chromium as root, without a graphics card and without a network to ask. */
export const FLAGS = [
  '--no-sandbox',
  '--disable-gpu',
  '--disable-quic',
  '--no-first-run',
  '--disable-background-networking',
  '--disable-component-update',
  '--disable-sync',
];
