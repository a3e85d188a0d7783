import { render, screen } from '@testing-library/react';
import { user } from './user';
import { useState } from 'react';
import { Provider } from 'react-redux';
import { type DrinkDocument, stepFromLine } from '@wellhydra/core/drink';
import { analyseDocument } from '../src/domain/run/analyse-document';
import { USUAL_CONTEXT } from '../src/domain/run/run-context';
import { Composer } from '../src/features/drink/step/composer';
import { FiguresPanel } from '../src/features/drink/figures/figures-panel';
import { StepList } from '../src/features/drink/step/step-list';
import { stepsView } from '../src/features/drink/step/steps-view';
import { insertStep, moveStep, removeStep, rewriteStep } from '../src/domain/drinks/edit-document';
import { createStore } from '../src/domain/store';
import { Choice } from '../src/ui/choice';
import { Field } from '../src/ui/field';

jest.mock('expo-router', () => jest.requireActual('./router-mock').mockRouter());

const start: DrinkDocument = {
  name: 'Trial',
  kind: 'rehydration',
  serving: '250 mL',
  target: null,
  steps: ['6 level tsp white sugar', '1 level tsp table salt', 'water to 1 L'].map((text, index) => ({
    id: `s${index}`,
    verb: 'add' as const,
    text,
  })),
};

function Trial({ from = start }: { readonly from?: DrinkDocument }) {
  const [document, setDocument] = useState(from);
  const [line, setLine] = useState('');
  const [editing, setEditing] = useState<string | null>(null);
  const analysis = analyseDocument(document);
  return (
    <Provider store={createStore()}>
      <StepList
        steps={stepsView(document, analysis)}
        analysis={analysis}
        onRewrite={(id, text) => setDocument(rewriteStep(document, id, stepFromLine(text)))}
        onMove={(id, to) => setDocument(moveStep(document, id, to))}
        onRemove={(id) => setDocument(removeStep(document, id))}
        onBeside={() => undefined}
        onDuplicate={() => undefined}
        onOpen={() => undefined}
        editing={editing}
        onEdit={setEditing}
        keysBelow={false}
      />
      <Composer
        line={line}
        onType={setLine}
        onPaste={() => false}
        onAdd={(text) => {
          setDocument(insertStep(document, { id: text, ...stepFromLine(text) }));
          setLine('');
        }}
      />
      <FiguresPanel
        drinkId="d"
        document={document}
        analysis={analysis}
        context={USUAL_CONTEXT}
        onOpenStep={() => undefined}
      />
    </Provider>
  );
}

const rows = () => screen.getAllByRole('listitem').map((row) => row.textContent);

test('too much salt is said in full on the folded panel, and goes when it is mended', async () => {
  render(<Trial />);
  expect(screen.getByText('Too salty to give')).toBeTruthy();
  await user.click(screen.getByRole('button', { name: /1 level tsp table salt/ }));
  const box = screen.getByRole('textbox', { name: 'Step 2' });
  await user.clear(box);
  await user.type(box, '1/2 level tsp table salt');
  expect(screen.queryByText('Too salty to give')).toBeNull();
});

test('a step is typed, moved and removed', async () => {
  render(<Trial />);
  await user.type(screen.getByRole('textbox', { name: 'Next step' }), 'stir 2 min{Enter}');
  expect(rows()[3]).toMatch(/^Stir 2 min/);
  await user.click(screen.getByRole('button', { name: /^Stir/ }));
  await user.click(screen.getByRole('button', { name: 'Move up' }));
  await user.click(screen.getByRole('button', { name: 'Done' }));
  expect(rows()[2]).toMatch(/^Stir 2 min/);
  await user.click(screen.getByRole('button', { name: /^Stir/ }));
  await user.click(screen.getByRole('button', { name: 'Remove step' }));
  expect(rows()).toHaveLength(3);
});

test('what is not understood offers what it could have meant', async () => {
  render(<Trial />);
  await user.type(screen.getByRole('textbox', { name: 'Next step' }), '2 g slat');
  await user.click(screen.getByRole('button', { name: 'Use "2 g salt"' }));
  expect((screen.getByRole('textbox', { name: 'Next step' }) as HTMLInputElement).value).toBe('2 g salt');
});

test('the panel opens to all figures, on another basis', async () => {
  render(<Trial />);
  expect(screen.queryByRole('radiogroup', { name: 'Figures for' })).toBeNull();
  await user.click(screen.getByRole('button', { name: 'All' }));
  await user.click(screen.getByRole('radio', { name: 'Litre' }));
  expect(screen.getByRole('group', { name: /^Sodium 10\d mmol\/L, above the band/ })).toBeTruthy();
  expect(screen.getByText('When to get medical help now')).toBeTruthy();
});

test('an empty drink says what to do', () => {
  render(<Trial from={{ ...start, steps: [] }} />);
  expect(screen.getByText(/Add a step/)).toBeTruthy();
});

test('a field names its fault for everyone', () => {
  render(<Field label="Serving" value="gulp" error="Write a volume." />);
  const box = screen.getByRole('textbox', { name: 'Serving' });
  expect(box.getAttribute('aria-invalid')).toBe('true');
  expect(screen.getByRole('alert').textContent).toBe('Write a volume.');
});

test('a choice tells which is chosen', async () => {
  const chosen: string[] = [];
  render(
    <Choice
      label="Place"
      options={[
        { value: 'a', label: 'A' },
        { value: 'b', label: 'B' },
      ]}
      value="a"
      onChange={(value) => chosen.push(value)}
    />,
  );
  expect(screen.getByRole('radio', { name: 'A' }).getAttribute('aria-checked')).toBe('true');
  await user.click(screen.getByRole('radio', { name: 'B' }));
  expect(chosen).toEqual(['b']);
});
