import { useQuery } from '@tanstack/react-query';
import { call } from '../api/http';
import type { TestKind } from '../api/types';

/** A test at one speed of the motor. */
export interface TestAtSpeed {
  test: TestKind;
  speed: number;
}

/** The definitions of all tests, as the server tells them; they do not change while a page is open. */
export function useTestKinds(): TestKind[] | undefined {
  return useQuery({
    queryKey: ['test-kinds'],
    queryFn: () => call<TestKind[]>('GET', '/api/test-kinds'),
    staleTime: Infinity,
  }).data;
}

/** The test taken at a step of the job, and at which speed of the motor. */
export function testAt(kinds: TestKind[], step: string): TestAtSpeed | undefined {
  const [station, place, speed] = step.split('/');
  const test = kinds.find((k) => k.step === `${station ?? ''}/${place ?? ''}`);
  return test && test.kind !== 'tester-proof' ? { test, speed: speed ? Number(speed) : 1 } : undefined;
}
