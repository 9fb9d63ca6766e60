import { useQuery, useQueryClient } from '@tanstack/react-query';
import { createContext, Fragment, useContext, useEffect, useMemo, type ReactNode } from 'react';
import { call } from '../api/http';
import { setShops, useShop } from '../api/shop';
import type { Person, Preferences, Session } from '../api/types';
import { applySetting } from '../theme/theme';

/** Who is signed in; null where nobody is. */
export const SignedIn = createContext<Person | null>(null);
const Preferred = createContext<Preferences>({ units: 'metric', setting: 'light' });

/** How whoever is signed in wants to write and see; metric and light where nobody is. */
export function usePreferences(): Preferences {
  return useContext(Preferred);
}

export function usePerson(): Person {
  const person = useContext(SignedIn);
  if (!person) {
    throw new Error('nobody is signed in');
  }
  return person;
}

/** The name by which whoever is signed in is known; empty where nobody is. */
export function useUsername(): string {
  return useContext(SignedIn)?.username ?? '';
}

/** Who is signed in at this browser. */
export const sessionQuery = {
  queryKey: ['session'],
  queryFn: () => call<Session>('GET', '/api/session'),
};

/** Shows its children to somebody signed in, and what `signIn` makes to anybody else; drafts stay where they are. */
export function WhenSignedIn({
  signIn,
  setUp,
  children,
}: {
  signIn: (told: { demo: boolean; unreachable: boolean }) => ReactNode;
  /** What somebody sees who has to set up a second factor before anything else. */
  setUp: ReactNode;
  children: ReactNode;
}) {
  const client = useQueryClient();
  const session = useQuery(sessionQuery);
  useEffect(() => {
    const gone = () =>
      client.setQueryData<Session>(['session'], (old) => ({
        demo: old?.demo ?? false,
        programVersion: old?.programVersion ?? '',
        person: null,
        preferences: null,
        shops: [],
        factorMissing: false,
      }));
    window.addEventListener('brasskettle-signed-out', gone);
    return () => window.removeEventListener('brasskettle-signed-out', gone);
  }, [client]);
  const setting = session.data?.preferences?.setting;
  useEffect(() => {
    if (setting) {
      applySetting(setting);
      window.dispatchEvent(new Event('brasskettle-setting'));
    }
  }, [setting]);
  const shops = session.data?.shops;
  // Before anything below asks for something: every call says its shop.
  useMemo(() => setShops(shops ?? []), [shops]);
  const { shop } = useShop();
  if (session.isPending) {
    return null;
  }
  const person = session.data?.person;
  if (!person) {
    return signIn({ demo: session.data?.demo ?? false, unreachable: session.isError });
  }
  return (
    <SignedIn.Provider value={person}>
      <Preferred.Provider value={session.data?.preferences ?? { units: 'metric', setting: 'light' }}>
        {/* Another shop, another page: nothing that was read of the one before is left on it. */}
        <Fragment key={shop}>{session.data?.factorMissing ? setUp : children}</Fragment>
      </Preferred.Provider>
    </SignedIn.Provider>
  );
}
