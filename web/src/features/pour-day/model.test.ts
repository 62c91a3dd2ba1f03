import { describe, expect, it } from 'vitest';
import type { RunSheet } from '../../shared/api';
import type { Outgoing } from '../../shared/record';
import { clock, dayOf, heldNow, mates, metalAt, tapped, tooEarly } from './model';

const sheet = {
  attempt_id: 'a',
  steps: ['lit', 'all_liquid', 'skimmed', 'out', 'pour', 'full', 'opened'].map((code) => ({ code, phase: 'melt', label: code, words: '' })),
  taps: [
    { code: 'lit', phase: 'melt', label: 'Lit', takes: null },
    { code: 'pour', phase: 'pour', label: 'Pour starts', takes: null },
  ],
  holds: [{ code: 'path', when: 'lighting', text: 'Path clear', why: 'So.', seen: false, reason: null }],
  metal: [
    { seconds: 0, shown: '735 °C', standing: 'good' },
    { seconds: 10, shown: '724 °C', standing: 'good' },
    { seconds: 30, shown: '702 °C', standing: 'risky' },
  ],
  events: [{ id: 'one', code: 'lit', label: 'Lit', at: 100, word: null }],
} as unknown as RunSheet;

const waiting = (set: Record<string, unknown>): Outgoing =>
  ({
    changes: [
      {
        id: 'a',
        part: 'attempt',
        key: 'attempt',
        set: Object.fromEntries(Object.entries(set).map(([field, to]) => [field, { was: null, to }])),
      },
    ],
  }) as unknown as Outgoing;

describe('the taps of a day', () => {
  it('are those of the notebook with those on this device laid over them, in the order of the day', () => {
    const events = tapped(sheet, [
      waiting({ 'event.two': { code: 'pour', at: '90', word: null } }),
      waiting({ 'event.three': { code: 'lit', at: '95' } }),
    ]);
    expect(events.map((event) => [event.id, event.onDevice])).toEqual([
      ['two', true],
      ['three', true],
      ['one', false],
    ]);
  });

  it('taken back on this device are gone at once', () => {
    expect(tapped(sheet, [waiting({ 'event.one': null })])).toEqual([]);
  });

  it('of another attempt are none of this one', () => {
    const other = { changes: [{ id: 'b', set: { 'event.x': { was: null, to: { code: 'lit', at: '1' } } } }] } as unknown as Outgoing;
    expect(tapped(sheet, [other])).toHaveLength(1);
  });

  it('leave a step that was forgotten behind', () => {
    const events = tapped(sheet, [waiting({ 'event.two': { code: 'pour', at: '200' } })]);
    expect(dayOf(sheet, events).step?.code).toBe('full');
    expect(dayOf(sheet, events).next?.code).toBe('opened');
    expect(dayOf(sheet, []).step?.code).toBe('lit');
  });

  it('end a pour that ran short', () => {
    expect(dayOf(sheet, tapped(sheet, [waiting({ 'event.two': { code: 'ran_short', at: '200' } })])).step?.code).toBe('opened');
  });
});

it('tells the metal by the later time, so never too hot', () => {
  expect(metalAt(sheet, 0)?.shown).toBe('735 °C');
  expect(metalAt(sheet, 1)?.shown).toBe('724 °C');
  expect(metalAt(sheet, 11)?.shown).toBe('702 °C');
  expect(metalAt(sheet, 500)?.shown).toBe('702 °C');
});

it('knows holds that were seen to on this device', () => {
  expect(heldNow(sheet, [waiting({ 'hold.path': { reason: 'Alone here' } })])[0]).toMatchObject({ seen: true, reason: 'Alone here' });
  expect(heldNow(sheet, [])[0]?.seen).toBe(false);
});

it('tells times as a caster says them', () => {
  expect([clock(7.4), clock(125), clock(4320), clock(-3)]).toEqual(['7 s', '2 min 05 s', '1 h 12 min', '0 s']);
});

describe('several moulds of one melt', () => {
  const mould = (id: string, heat: string | null, here = false) => ({ id, casting_name: id, number: 1, needs: null, here, heat_id: heat });
  it('share what happens in it, and those of another melt do not', () => {
    const together = [mould('a', 'h', true), mould('b', 'h'), mould('c', null), mould('d', 'other')];
    expect(mates({ ...sheet, heat_id: 'h', together } as RunSheet)).toEqual(['b']);
    expect(mates({ ...sheet, heat_id: null, together } as RunSheet)).toEqual([]);
  });
});

describe('opening', () => {
  const opening = [
    { code: 'solid_through', label: 'Solid right through', seconds: 300, shown: '5 min', note: '' },
    { code: 'stiff_after', label: 'Stiff', seconds: 900, shown: '15 min', note: 'It warps.' },
    { code: 'hand_warm', label: 'Hand-warm', seconds: 40_000, shown: '11 h', note: '' },
  ];
  it('too early says why, and is no matter of being hand-warm', () => {
    const early = (seconds: number) => tooEarly({ ...sheet, opening } as RunSheet, seconds).map((row) => row.code);
    expect(early(100)).toEqual(['solid_through', 'stiff_after']);
    expect(early(400)).toEqual(['stiff_after']);
    expect(early(1000)).toEqual([]);
    expect(tooEarly({ ...sheet, opening: [] } as unknown as RunSheet, 1)).toEqual([]);
  });
});
