import { useQuery, useQueryClient } from '@tanstack/react-query';
import { createContext, useContext, useEffect, type ReactNode } from 'react';
import { call } from '../api/http';
import type { Person, Session } from '../api/types';
import { SignIn } from './SignIn';

const SignedIn = createContext<Person | null>(null);

export function usePerson(): Person {
  const person = useContext(SignedIn);
  if (!person) {
    throw new Error('nobody is signed in');
  }
  return person;
}

/** Shows its children to somebody signed in, and the sign-in page to anybody else; drafts stay where they are. */
export function WhenSignedIn({ children }: { children: ReactNode }) {
  const client = useQueryClient();
  const session = useQuery({ queryKey: ['session'], queryFn: () => call<Session>('GET', '/api/session') });
  useEffect(() => {
    const gone = () =>
      client.setQueryData<Session>(['session'], (old) => ({ demo: old?.demo ?? false, person: null }));
    window.addEventListener('brasskettle-signed-out', gone);
    return () => window.removeEventListener('brasskettle-signed-out', gone);
  }, [client]);
  if (session.isPending) {
    return null;
  }
  const person = session.data?.person;
  if (!person) {
    return <SignIn demo={session.data?.demo ?? false} unreachable={session.isError} />;
  }
  return <SignedIn.Provider value={person}>{children}</SignedIn.Provider>;
}
