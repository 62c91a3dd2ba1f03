// @vitest-environment jsdom
import { render, screen } from '@testing-library/react';
import { describe, expect, it } from 'vitest';
import type { Layer } from '../../shared/api';
import { Bands, LayerLegend, LayerMarks } from './LaidOver';

const square = (from: number, to: number) => ({
  outline: [
    [from, from],
    [to, from],
    [to, to],
    [from, to],
  ],
  holes: [],
});

const layer: Layer = {
  code: 'thickness',
  label: 'Thickness',
  words: 'The closer the hatching, the thicker.',
  values: [],
  bands: [
    { from: '4 mm', to: '10 mm', cut: [], above: [] },
    { from: '10 mm', to: '16 mm', cut: [square(0, 20)], above: [square(0, 30), square(40, 50)] },
    { from: '16 mm', to: '22 mm', cut: [square(5, 15)], above: [] },
  ],
  marks: [
    { kind: 'hot', words: '22 mm thick', cut: [10, 10], above: [10, 40] },
    { kind: 'last', words: 'Filled last', cut: [10, 10], above: [44, 4] },
  ],
};

const place = ([x, y]: readonly [number, number]): readonly [number, number] => [x, 100 - y];

describe('what is laid over a drawing', () => {
  it('draws each band within the metal, closer hatched the higher it is', () => {
    const { container } = render(
      <svg>
        <Bands id="d" layer={layer} view="cut" place={place} within={['M0 0H20V20H0Z']} />
      </svg>,
    );
    const hatched = [...container.querySelectorAll('path')]
      .map((path) => path.getAttribute('fill') ?? '')
      .filter((fill) => fill.startsWith('url'));
    expect(hatched).toHaveLength(2);
    expect(new Set(hatched).size).toBe(2);
    expect(container.querySelector('clipPath path')).not.toBeNull();
    expect(container.querySelector('g')?.getAttribute('clip-path')).toBe('url(#d-metal)');
  });

  it('says what hatching and numbers stand for, without colour', () => {
    render(<LayerLegend layer={layer} />);
    expect(screen.getByText('10 mm to 16 mm')).toBeTruthy();
    expect(screen.getByText('22 mm thick')).toBeTruthy();
    expect(screen.getAllByRole('listitem')).toHaveLength(5);
  });

  it('numbers the places, and sets two of one place side by side', () => {
    const { container } = render(
      <svg>
        <LayerMarks layer={layer} view="cut" place={place} inside={200} />
      </svg>,
    );
    const marks = [...container.querySelectorAll('g[transform]')].map((mark) => mark.getAttribute('transform'));
    expect(marks).toHaveLength(2);
    expect(marks[0]).not.toBe(marks[1]);
    expect([...container.querySelectorAll('text')].map((text) => text.textContent)).toEqual(['1', '2']);
  });

  it('draws nothing where everything is alike', () => {
    const { container } = render(
      <svg>
        <Bands id="d" layer={{ ...layer, bands: layer.bands.slice(0, 1) }} view="cut" place={place} within={[]} />
      </svg>,
    );
    expect(container.querySelector('path')).toBeNull();
  });
});
