import { mkdir, writeFile } from 'node:fs/promises';
import { join } from 'node:path';
import type { PrinterDriver } from '../device-driver';

/** A label printer that puts every label into a folder as a PDF. */
export function spoolPrinter(folder: string): PrinterDriver {
  return {
    name: 'Label printer (simulated)',
    print: async (name, pdf) => {
      await mkdir(folder, { recursive: true });
      const file = `${name.replace(/[^\w-]+/g, '-')}.pdf`;
      await writeFile(join(folder, file), pdf);
      return file;
    },
  };
}
