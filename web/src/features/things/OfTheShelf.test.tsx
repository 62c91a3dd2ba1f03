// @vitest-environment jsdom
import 'fake-indexeddb/auto';
import { screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import type { Attempt } from '../../shared/api';
import { standIn } from '../../shared/testing/server';
import { freshShelf } from '../../shared/testing/shelf';

const server = standIn();
const { done, json, putAway, show } = await import('../../shared/testing/notebook');
const { Book, OfTheShelf, useNamed } = await import('./index');

const PATTERN = { id: 'p1', name: 'Pine half', standing: 'risky' as const, sentence: 'Its paint is worn through.', values: {} };
const ATTEMPT = { id: 'a1', casting_name: 'Cleat', number: 2, state: 'planned' } as Attempt;

function Named() {
  const named = useNamed(ATTEMPT, 'pattern', PATTERN);
  const choices = [
    { code: 'p1', label: 'Pine half', hint: '' },
    { code: 'p2', label: 'Print', hint: '' },
  ];
  return (
    <OfTheShelf
      attempt={ATTEMPT}
      field="pattern"
      title="Pattern or mould"
      label="Moulded from"
      choices={choices}
      stands={PATTERN}
      {...named}
      to="/workshop/patterns"
    />
  );
}

beforeEach(async () => {
  freshShelf();
  server.answers = { 'GET /api/handbook': () => json({ choices: {}, fields: [], alloys: [] }), 'POST /api/commands': done };
  server.bodies = [];
  await putAway();
});
afterEach(putAway);

describe('what a mould is made of', () => {
  it('is shown with how it stands, and another is named with one press', async () => {
    await show(<Named />);
    expect(await screen.findByText(/Its paint is worn through/)).toBeTruthy();
    await userEvent.click(screen.getByRole('radio', { name: 'Print' }));
    await waitFor(() => expect(server.bodies).toHaveLength(1));
    expect(server.bodies[0]?.changes).toMatchObject([{ part: 'attempt', id: 'a1', set: { pattern: { was: 'p1', to: 'p2' } } }]);
  });
});

describe('a book', () => {
  const line = { id: 'm1', kind: 'pattern_look', title: 'Looked over', at: 1764300000, unreadable: ['found: no such word'] };

  it('tells what can no longer be read, and takes a line out into the bin', async () => {
    await show(<Book lines={[line]} of="Pine half" path="/workshop/patterns/p1" words={() => 'sound'} />);
    expect(await screen.findByText(/No longer understood, and kept: found: no such word/)).toBeTruthy();
    await userEvent.click(screen.getByRole('button', { name: /Take out/ }));
    await waitFor(() => expect(server.bodies).toHaveLength(1));
    expect(server.bodies[0]?.changes).toMatchObject([{ part: 'movement', id: 'm1', set: { binned: { was: false, to: true } } }]);
  });

  it('is left out while it is empty, unless something is to be said then', async () => {
    const { showAgain } = await show(<Book lines={[]} of="Pine half" path="/" words={() => ''} />);
    expect(screen.queryByText('Book')).toBeNull();
    showAgain(<Book lines={[]} of="Pine half" path="/" words={() => ''} empty="Nothing yet." />);
    expect(await screen.findByText('Nothing yet.')).toBeTruthy();
  });
});
