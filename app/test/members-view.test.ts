import { AUDIT_KINDS } from '@wellhydra/contract';
import { deedView, deviceWords } from '../src/features/kitchen/members/members-view';
import { STUMBLES } from './stumbles';

const NOW = new Date('2026-11-30T20:00:00Z');
const line = (kind: (typeof AUDIT_KINDS)[number], whom: string | null = null, about = '') =>
  deedView({ id: 'x', at: '2026-11-30T08:00:00.000Z', kind, by: 'Ines', whom, about }, NOW).words;

describe('what was done', () => {
  test.each([
    ['role-changed', 'Wilf', 'owner', 'Ines: Wilf owns the kitchen from now on'],
    ['role-changed', 'Tam: the second', 'maker', 'Ines: Tam: the second makes drinks here from now on'],
    ['removed', 'Wilf', '', 'Ines took Wilf out of the kitchen'],
    ['archive-brought-in', null, 'replace', 'Ines put a kitchen from a file in place of this one'],
    ['password-changed', null, '', 'Ines took a new password'],
    ['password-changed', null, 'by mail', 'Ines took a new password by mail'],
    ['archive-brought-in', null, 'merge', 'Ines added a kitchen from a file'],
  ] as const)('%s %s %s', (kind, whom, about, words) => expect(line(kind, whom, about)).toBe(words));
  test('each kind is a sentence about somebody', () => {
    for (const kind of AUDIT_KINDS) {
      expect(line(kind, 'Wilf', 'maker')).toMatch(/^Ines/);
      for (const [, stumble] of STUMBLES) expect(line(kind, 'Wilf', 'maker')).not.toMatch(stumble);
    }
  });
});

test.each([
  ['Mozilla/5.0 (iPhone; CPU iPhone OS 18_0 like Mac OS X)', 'A phone'],
  ['Mozilla/5.0 (Linux; Android 15) Mobile Safari/537.36', 'A phone'],
  ['Mozilla/5.0 (Linux; Android 15) Safari/537.36', 'A tablet'],
  ['Mozilla/5.0 (X11; Linux x86_64)', 'A computer'],
  ['curl/8', 'Some device'],
  ['', 'Some device'],
])('%s is told as %s', (device, words) => expect(deviceWords(device)).toBe(words));
