import { openDB, type DBSchema, type IDBPDatabase } from 'idb';

/** A write that the server has not got yet. */
export interface Waiting {
  /** Its place here: a newer state of the same sheet takes the place of the older. */
  key: string;
  /** By which the server knows a write that it got already; the place itself where it is written once. */
  once?: string;
  /** Whose it is; it is sent under no other name. */
  username: string;
  displayName: string;
  method: 'POST' | 'PUT';
  path: string;
  body: unknown;
  /** A photograph, where that is what is sent. */
  file?: Blob;
  /** What it is, for the list. */
  label: string;
  /** Where it is put right if the server refuses it. */
  page: string;
  /** The job it belongs to; empty for a motor that is being received. */
  tag: string;
  /** The draft that is settled once it is sent. */
  draft?: string;
  at: number;
  /** Why the server did not take it; it then waits for a hand. */
  refused?: string;
}

interface Schema extends DBSchema {
  waiting: { key: string; value: Waiting };
}

let opened: Promise<IDBPDatabase<Schema>> | undefined;

function database() {
  opened ??= openDB<Schema>('brasskettle', 1, {
    upgrade: (db) => void db.createObjectStore('waiting', { keyPath: 'key' }),
  });
  return opened;
}

/** Everything that waits in this browser, oldest first. */
export async function waiting(): Promise<Waiting[]> {
  const all = await (await database()).getAll('waiting');
  return all.sort((a, b) => a.at - b.at);
}

export async function put(entry: Waiting): Promise<void> {
  await (await database()).put('waiting', entry);
}

export async function remove(key: string): Promise<void> {
  await (await database()).delete('waiting', key);
}

/** The entry as it stands now; undefined once it was sent or discarded. */
export async function find(key: string): Promise<Waiting | undefined> {
  return (await database()).get('waiting', key);
}
