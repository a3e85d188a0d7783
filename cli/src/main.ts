import { readFileSync } from 'node:fs';
import { WrongInput } from './command';
import { runCommand } from './run-command';

const STANDARD_INPUT = 0;

function readFile(path: string): string {
  try {
    return readFileSync(path === '-' ? STANDARD_INPUT : path, 'utf8');
  } catch (error) {
    throw new WrongInput(`${path}: cannot be read (${(error as NodeJS.ErrnoException).code ?? String(error)}).`);
  }
}

process.exitCode = runCommand(process.argv.slice(2), {
  readFile,
  print: (text) => process.stdout.write(`${text}\n`),
  complain: (text) => process.stderr.write(`${text}\n`),
});
