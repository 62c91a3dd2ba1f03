import { v7 as freshId } from 'uuid';
import type { Charge } from '../../shared/api';
import { useChange, type Plain } from '../../shared/record';
import { useSaving } from '../../shared/ui/useSaving';

type Changes = Parameters<ReturnType<typeof useChange>>[0]['changes'];

const told = (fields: Record<string, Plain>) => Object.fromEntries(Object.entries(fields).map(([field, to]) => [field, { was: null, to }]));

/** What is written down on the page of a charge: metal that went into the pot or came back, what was found in it, its crucible. */
export function useMoves(charge: Charge) {
  const change = useChange();
  const { busy, outcome, run } = useSaving();
  const at = () => Math.floor(Date.now() / 1000);
  /** A melt that nobody wrote anything of yet comes about with the first thing that is. */
  const melt = (): { id: string; before: Changes } => {
    if (charge.heat_id !== null) return { id: charge.heat_id, before: [] };
    const id = freshId();
    return {
      id,
      before: [
        { part: 'heat', id, create: {}, set: charge.alloy === null ? {} : told({ 'metal.alloy': charge.alloy }) },
        { part: 'attempt', id: charge.attempt_id, set: { heat: { was: null, to: id } } },
      ],
    };
  };
  const send = (changes: Changes) =>
    run(() =>
      change({
        label: `${charge.casting_name}, no. ${charge.number}: its charge`,
        path: `/attempts/${charge.attempt_id}/charge`,
        changes,
      }),
    );
  return {
    busy,
    outcome,
    charge: (parts: readonly { lot: string; mass: string }[], as: 'cold' | 'stirred') => {
      const { id: heat, before } = melt();
      return send([
        ...before,
        ...parts.map(({ lot, mass }) => ({
          part: 'movement' as const,
          id: freshId(),
          create: { of: lot, kind: 'lot_charged' },
          set: told({ mass, as, heat, at: at() }),
        })),
      ]);
    },
    giveBack: (lot: { id: string } | { name: string }, mass: string, what: string) => {
      const { id: heat, before } = melt();
      const fresh = freshId();
      const made: Changes =
        'id' in lot
          ? []
          : [
              {
                part: 'workshop_row',
                id: fresh,
                create: { kind: 'stock' },
                set: told({ name: lot.name, form: 'returns', ...(charge.alloy === null ? {} : { alloy: charge.alloy }) }),
              },
            ];
      return send([
        ...before,
        ...made,
        {
          part: 'movement',
          id: freshId(),
          create: { of: 'id' in lot ? lot.id : fresh, kind: 'lot_returned' },
          set: told({ mass, what, heat, at: at() }),
        },
      ]);
    },
    takeOut: (movement: string) => send([{ part: 'movement', id: movement, set: { binned: { was: false, to: true } } }]),
    find: (shares: Record<string, { was: Plain; to: Plain }>) => {
      const { id: heat, before } = melt();
      return send([
        ...before,
        {
          part: 'heat',
          id: heat,
          set: Object.fromEntries(Object.entries(shares).map(([element, pair]) => [`found.${element}`, pair])),
        },
      ]);
    },
    meltIn: (crucible: string | null) => {
      const { id: heat, before } = melt();
      return send([...before, { part: 'heat', id: heat, set: { 'crucible.name': { was: charge.crucible, to: crucible } } }]);
    },
  };
}

export type Moves = ReturnType<typeof useMoves>;
