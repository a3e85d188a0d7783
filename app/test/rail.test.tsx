import { render, screen } from '@testing-library/react';
import { user } from './user';
import type { ComponentProps } from 'react';
import { Rail } from '../src/ui/rail';

const sodium: ComponentProps<typeof Rail> = {
  id: 'sodium',
  label: 'Sodium',
  value: '75 mmol/L',
  equal: 'aim 75',
  places: { dot: 0.5, band: [0.4, 0.6], whisker: [0.45, 0.55] },
  tone: 'salt',
  spoken: 'Sodium 75 mmol/L, within the band',
  outside: false,
};
/** The dot lies on everything else, and is a line without length. */
const dot = () => [...document.querySelectorAll('line')].at(-1)!;

it('says the figure in full on its group from the start, and again when it changes', () => {
  const { rerender } = render(<Rail {...sodium} />);
  expect(screen.getByRole('group', { name: 'Sodium 75 mmol/L, within the band' })).toBeTruthy();
  rerender(<Rail {...sodium} value="103 mmol/L" spoken="Sodium 103 mmol/L, above the band" outside />);
  const group = screen.getByRole('group', { name: 'Sodium 103 mmol/L, above the band' });
  expect(group.textContent).toContain('103 mmol/L');
});

it('what a key does not change stands still', () => {
  const { rerender } = render(<Rail {...sodium} />);
  const [group, label] = [screen.getByRole('group'), screen.getByText('Sodium')];
  rerender(<Rail {...sodium} value="80 mmol/L" spoken="Sodium 80 mmol/L" places={{ dot: 0.7 }} />);
  expect(screen.getByRole('group')).toBe(group);
  expect(screen.getByText('Sodium')).toBe(label);
});

it.each([
  [-0.2, '0%'],
  [0.5, '50%'],
  [0.33333, '33.3%'],
  [1.4, '100%'],
])('a value at %d of the gauge is drawn at %s', (at, drawn) => {
  render(<Rail {...sodium} places={{ dot: at }} />);
  expect([dot().getAttribute('x1'), dot().getAttribute('x2')]).toEqual([drawn, drawn]);
});

it('a band ends where it ends, and no round end reaches over it: what is just outside stands outside', () => {
  render(<Rail {...sodium} />);
  const [, band] = document.querySelectorAll('line');
  expect(['x1', 'x2', 'stroke-linecap'].map((name) => band!.getAttribute(name))).toEqual(['40%', '60%', 'butt']);
  expect(dot().getAttribute('stroke-linecap')).toBe('round');
});

it('a value outside its band has another colour, and a figure without a gauge has none', () => {
  const { rerender } = render(<Rail {...sodium} />);
  const within = dot().getAttribute('stroke');
  rerender(<Rail {...sodium} spoken="above" outside />);
  expect(dot().getAttribute('stroke')).not.toBe(within);
  rerender(<Rail {...sodium} spoken="plain" places={null} />);
  expect(document.querySelector('svg')).toBeNull();
});

it('can be asked where it comes from, where somebody listens', async () => {
  const asked: string[] = [];
  render(<Rail {...sodium} onAsk={(id) => asked.push(id)} />);
  await user.click(screen.getByRole('button', { name: 'Where sodium comes from' }));
  expect(asked).toEqual(['sodium']);
});
