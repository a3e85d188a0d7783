// @ts-check

/** What each signal that ends a command leaves as its exit code. */
const CODES = /** @type {const} */ ({ SIGINT: 130, SIGTERM: 143, SIGHUP: 129 });

/**
 * Calls once when this command is asked to end, however that is said: Ctrl-C, a signal, a terminal that is closed,
 * or a reader of its output that has gone (`npm start | head`).
 *
 * @param {(code: number) => unknown} end
 */
export function onEnd(end) {
  let ending = false;
  /** @param {number} code */
  const once = (code) => {
    if (ending) return;
    ending = true;
    void end(code);
  };
  for (const [signal, code] of Object.entries(CODES)) process.on(signal, () => once(code));
  for (const stream of [process.stdout, process.stderr])
    stream.on('error', (error) => {
      if (/** @type {NodeJS.ErrnoException} */ (error).code === 'EPIPE') once(CODES.SIGHUP);
    });
}
