export { anythingUnkept, draftFor } from './draft';
export { Outbox, type Outcome } from './outbox';
export { isBlank, same, type Plain } from './plain';
export { device, readable, shapes, type Clash, type Outgoing, type WaitingPhoto } from './store';
export type { PartRef } from './store';
export { OutboxContext, useChange, useComing, useDraft, useDraftPart, useOutbox, type DraftInHand, type Stands } from './useDraft';
