import { createBrowserRouter } from 'react-router';
import { BrokenScreen, NothingHere } from './BrokenScreen';
import { Shell } from './Shell';

// Each screen is a chunk of its own: the first one must be there at once, on a phone, in a yard.
export const router = createBrowserRouter([
  {
    path: '/',
    Component: Shell,
    ErrorBoundary: BrokenScreen,
    children: [
      { index: true, lazy: async () => ({ Component: (await import('../features/bench/index')).BenchPage }) },
      { path: 'castings', lazy: async () => ({ Component: (await import('../features/castings/index')).CastingsPage }) },
      { path: 'castings/:id', lazy: async () => ({ Component: (await import('../features/castings/index')).CastingPage }) },
      { path: 'castings/:casting/plan', lazy: async () => ({ Component: (await import('../features/plan/index')).FreshPlanPage }) },
      { path: 'log', lazy: async () => ({ Component: (await import('../features/log-pour/index')).LogPourPage }) },
      { path: 'attempts/:id', lazy: async () => ({ Component: (await import('../features/attempt/index')).AttemptPage }) },
      { path: 'attempts/:id/plan', lazy: async () => ({ Component: (await import('../features/plan/index')).PlanPage }) },
      { path: 'attempts/:id/log', lazy: async () => ({ Component: (await import('../features/log-pour/index')).LogPourPage }) },
      { path: 'attempts/:id/day', lazy: async () => ({ Component: (await import('../features/pour-day/index')).PourDayPage }) },
      { path: 'heats/:id/curve', lazy: async () => ({ Component: (await import('../features/melt-curve/index')).MeltCurvePage }) },
      { path: 'attempts/:id/why', lazy: async () => ({ Component: (await import('../features/why/index')).WhyPage }) },
      { path: 'attempts/:id/changes', lazy: async () => ({ Component: (await import('../features/change-sheet/index')).ChangeSheetPage }) },
      { path: 'bin', lazy: async () => ({ Component: (await import('../features/bin/index')).BinPage }) },
      { path: 'workshop', lazy: async () => ({ Component: (await import('../features/workshop/index')).WorkshopPage }) },
      { path: 'workshop/charge', lazy: async () => ({ Component: (await import('../features/metal/index')).FreeChargePage }) },
      { path: 'workshop/metal/:id', lazy: async () => ({ Component: (await import('../features/metal/index')).LotPage }) },
      { path: 'attempts/:id/charge', lazy: async () => ({ Component: (await import('../features/metal/index')).ChargePage }) },
      { path: 'attempts/:id/ways', lazy: async () => ({ Component: (await import('../features/ways/index')).WaysPage }) },
      { path: 'attempts/:id/finish', lazy: async () => ({ Component: (await import('../features/finish/index')).FinishPage }) },
      { path: 'attempts/:id/cost', lazy: async () => ({ Component: (await import('../features/cost/index')).CostPage }) },
      { path: 'workshop/mixes', lazy: async () => ({ Component: (await import('../features/mixes/index')).MixesPage }) },
      { path: 'workshop/heaps/:id', lazy: async () => ({ Component: (await import('../features/heaps/index')).HeapPage }) },
      { path: 'workshop/patterns/:id', lazy: async () => ({ Component: (await import('../features/patterns/index')).PatternPage }) },
      { path: 'week', lazy: async () => ({ Component: (await import('../features/week/index')).WeekPage }) },
      { path: 'ledger', lazy: async () => ({ Component: (await import('../features/ledger/index')).LedgerPage }) },
      { path: 'handbook', lazy: async () => ({ Component: (await import('../features/handbook/index')).HandbookPage }) },
      { path: 'settings', lazy: async () => ({ Component: (await import('../features/settings/index')).SettingsPage }) },
      { path: '*', Component: NothingHere },
    ].map((route) => ({ ...route, ErrorBoundary: BrokenScreen })),
  },
]);
