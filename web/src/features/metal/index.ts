export { ChargePage } from './ChargePage';
export { FreeChargePage } from './FreeChargePage';
export { LotPage } from './LotPage';
export { MetalShelf } from './MetalShelf';
export { MetalShort } from './MetalShort';
export { shelfQuery } from './queries';
