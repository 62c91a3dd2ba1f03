import { useQuery, useSuspenseQuery } from '@tanstack/react-query';
import { DropdownMenu } from 'radix-ui';
import { Suspense, useState } from 'react';
import { NavLink, Outlet, useLocation, useNavigate } from 'react-router';
import { SignInPage, useSignOut } from '../features/account/index';
import { usePhotoSending } from '../features/photos/index';
import { handbookQuery, sessionQuery } from '../shared/api';
import { Dialog } from '../shared/ui/Dialog';
import { Failed, Loading } from '../shared/ui/states';
import { OutboxContext } from '../shared/record';
import { DeviceShelf } from './DeviceShelf';
import { SHORTCUTS, useShortcuts } from './shortcuts';
import { useTheme } from './theme';
import { useLeaveWarning } from './useLeaveWarning';
import { useNotebookOutbox } from './useNotebookOutbox';

const PLACES = [
  { to: '/', label: 'Bench' },
  { to: '/castings', label: 'Castings' },
  { to: '/week', label: 'Week' },
  { to: '/workshop', label: 'Workshop' },
  { to: '/ledger', label: 'Ledger' },
  { to: '/handbook', label: 'Handbook' },
];

/** The frame around every screen: a drawing sheet with its border and title block. */
export function Shell() {
  const session = useQuery(sessionQuery);
  useTheme(session.data?.caster?.theme);
  if (session.isPending)
    return (
      <main className="mx-auto max-w-3xl p-6">
        <Loading />
      </main>
    );
  if (session.isError)
    return (
      <main className="mx-auto max-w-3xl p-6">
        <Failed error={session.error} retry={() => void session.refetch()} />
      </main>
    );
  if (!session.data.caster) return <SignInPage demo={session.data.demo} />;
  const { id, name, single_keys: singleKeys } = session.data.caster;
  return <Notebook key={id} account={id} name={name} singleKeys={singleKeys} />;
}

function Notebook({ account, name, singleKeys }: { account: string; name: string; singleKeys: boolean }) {
  const outbox = useNotebookOutbox(account);
  useLeaveWarning();
  const [sheet, setSheet] = useState(false);
  useShortcuts(() => setSheet(true), singleKeys);
  const { pathname } = useLocation();
  return (
    <OutboxContext value={outbox}>
      <PhotoSending />
      <div className="frame">
        <a href="#main" className="press absolute -top-20 left-4 z-50 bg-sheet focus:top-2">
          Skip to the content
        </a>
        <div className="frame-edge">
          <TitleBlock name={name} onSheet={() => setSheet(true)} />
          <DeviceShelf />
          <main id="main" className="w-full flex-1 px-4 pt-5 pb-28 md:px-8 md:pb-12" tabIndex={-1}>
            <Suspense fallback={<Loading />} key={pathname}>
              <WithHandbook />
            </Suspense>
          </main>
        </div>
        <PhoneBar />
        <Dialog open={sheet} onClose={() => setSheet(false)} title="Shortcuts" narrow>
          {!singleKeys && <p className="mb-3">Single keys are switched off in your settings; none of these does anything now.</p>}
          <dl className="grid grid-cols-[7rem_1fr]">
            {SHORTCUTS.map((shortcut) => (
              <div key={shortcut.keys} className="hairline col-span-2 grid grid-cols-subgrid py-2">
                <dt className="figure text-lg">{shortcut.keys}</dt>
                <dd>{shortcut.does}</dd>
              </div>
            ))}
          </dl>
        </Dialog>
      </div>
    </OutboxContext>
  );
}

/** Photos go on being sent on whichever screen somebody is. */
function PhotoSending() {
  usePhotoSending();
  return null;
}

/** Screens speak the trade's words: they wait for them once. */
function WithHandbook() {
  useSuspenseQuery(handbookQuery);
  return <Outlet />;
}

function TitleBlock({ name, onSheet }: { name: string; onSheet: () => void }) {
  const navigate = useNavigate();
  const signOut = useSignOut();
  return (
    <header className="title-block">
      <NavLink to="/" className="title-cell flex items-center gap-3 no-underline">
        <img src="/mark.svg" alt="" width="30" height="30" />
        <span className="figure text-lg leading-none">Molten Notes</span>
      </NavLink>
      <nav aria-label="Places" className="hidden md:contents">
        {PLACES.map((place) => (
          <NavLink key={place.to} to={place.to} end={place.to === '/'} className="title-cell place">
            {place.label}
          </NavLink>
        ))}
      </nav>
      <span className="title-cell flex-1" aria-hidden="true" />
      <NavLink to="/log" className="title-cell title-pour hidden md:flex">
        Log a pour
      </NavLink>
      <DropdownMenu.Root>
        <DropdownMenu.Trigger className="title-cell text-left" title="Units, theme, password, shortcuts, sign out">
          <span className="lettering block leading-none">Notebook</span>
          <span className="figure block max-w-40 truncate leading-tight">{name}</span>
          <span className="sr-only">menu</span>
        </DropdownMenu.Trigger>
        <DropdownMenu.Portal>
          <DropdownMenu.Content align="end" className="sheet z-30 min-w-52 border-2 border-ink">
            {[
              { label: 'Units, theme, password', run: () => void navigate('/settings') },
              { label: 'Bin', run: () => void navigate('/bin') },
              { label: 'Shortcuts', run: onSheet },
              { label: 'Sign out', run: () => signOut.mutate() },
            ].map((item) => (
              <DropdownMenu.Item
                key={item.label}
                onSelect={item.run}
                className="cursor-pointer px-4 py-3 outline-none data-[highlighted]:bg-wash"
              >
                {item.label}
              </DropdownMenu.Item>
            ))}
          </DropdownMenu.Content>
        </DropdownMenu.Portal>
      </DropdownMenu.Root>
    </header>
  );
}

/** What does not fit into the phone's bar stands one press behind it. */
const MORE = [
  ...PLACES.filter((place) => ['/workshop', '/ledger', '/handbook'].includes(place.to)),
  { to: '/bin', label: 'Bin' },
  { to: '/settings', label: 'Settings' },
];

function PhoneBar() {
  const navigate = useNavigate();
  const { pathname } = useLocation();
  return (
    <nav aria-label="Places" className="phone-bar md:hidden">
      {PLACES.slice(0, 2).map((place) => (
        <NavLink key={place.to} to={place.to} end={place.to === '/'} className="place">
          {place.label}
        </NavLink>
      ))}
      <NavLink to="/log" className="title-pour">
        Log a pour
      </NavLink>
      <NavLink to="/week" className="place">
        Week
      </NavLink>
      <DropdownMenu.Root>
        <DropdownMenu.Trigger className={`place ${MORE.some((place) => pathname.startsWith(place.to)) ? 'place-here' : ''}`}>
          More
        </DropdownMenu.Trigger>
        <DropdownMenu.Portal>
          <DropdownMenu.Content align="end" side="top" sideOffset={4} className="sheet z-30 min-w-52 border-2 border-ink">
            {MORE.map((place) => (
              <DropdownMenu.Item
                key={place.to}
                onSelect={() => void navigate(place.to)}
                className="figure cursor-pointer px-5 py-4 text-lg outline-none data-[highlighted]:bg-wash"
              >
                {place.label}
              </DropdownMenu.Item>
            ))}
          </DropdownMenu.Content>
        </DropdownMenu.Portal>
      </DropdownMenu.Root>
    </nav>
  );
}
