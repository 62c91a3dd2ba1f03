// @vitest-environment jsdom
import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { cleanup, render, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { afterEach, describe, expect, it, vi } from 'vitest';
import type { Field, Handbook } from '../api';
import { FieldEntry } from './FieldEntry';

const sprue: Field = {
  key: 'gating.sprue',
  keeper: 'attempt',
  stage: 'gating',
  label: 'Sprue bore',
  kind: 'quantity',
  choices: null,
  dimension: 'length',
  processes: null,
  hint: '',
  first: false,
};

function show(props: Partial<Parameters<typeof FieldEntry>[0]>) {
  const queries = new QueryClient();
  queries.setQueryData(['handbook'], { choices: { source: [{ code: 'ingot', label: 'Ingot', hint: '' }] } } as unknown as Handbook);
  const onChange = vi.fn();
  render(
    <QueryClientProvider client={queries}>
      <FieldEntry field={sprue} value={null} onChange={onChange} {...props} />
    </QueryClientProvider>,
  );
  return onChange;
}

afterEach(cleanup);

describe('an entry', () => {
  it('takes over last time’s value as it was stored, not as it is rounded for reading', async () => {
    const onChange = show({ offered: { raw: { value: 1.75, unit: 'in' }, shown: '44.5 mm' } });
    await userEvent.click(screen.getByRole('button', { name: 'as last time: 44.5 mm' }));
    expect(onChange).toHaveBeenCalledWith({ value: 1.75, unit: 'in' }, '44.5 mm');
  });

  it('takes over a choice by its code', async () => {
    const onChange = show({ field: { ...sprue, kind: 'choice', choices: 'source' }, offered: { raw: 'ingot', shown: 'Ingot' } });
    await userEvent.click(screen.getByRole('button', { name: 'as last time: Ingot' }));
    expect(onChange).toHaveBeenCalledWith('ingot', undefined);
  });

  it('is blank when it is emptied, and offers again', async () => {
    const onChange = show({ value: { raw: '4', shown: '4' } });
    await userEvent.type(screen.getByRole('textbox'), '{Backspace}');
    expect(onChange).toHaveBeenCalledWith(null);
  });

  it('says what another device stored since it was typed over', () => {
    show({ value: { raw: '16 mm', shown: '16 mm' }, meanwhile: { raw: { value: 18, unit: 'mm' }, shown: '18 mm' } });
    expect(screen.getByText('Meanwhile stored: 18 mm')).toBeTruthy();
  });
});
