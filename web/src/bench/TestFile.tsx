import { useMutation } from '@tanstack/react-query';
import { Button } from 'antd';
import { useRef } from 'react';
import { requestKey, send } from '../api/http';
import type { Typed } from '../api/types';
import { ErrorNotice } from '../ui/ErrorNotice';

const MAX_BYTES = 16 * 2 ** 20;

/** Readings from a file, CSV or JSON, into the form; what cannot be read is told by line and column. */
export function ReadFile({
  tag,
  kind,
  onRead,
}: {
  tag: string;
  kind: string;
  onRead: (typed: Typed) => void;
}) {
  const input = useRef<HTMLInputElement>(null);
  const read = useMutation({
    mutationFn: (file: File) =>
      file.size > MAX_BYTES
        ? Promise.reject(new Error(`${file.name} is larger than 16 MiB; readings of a test are not`))
        : send<Typed>(`/api/jobs/${tag}/tests/${kind}/file`, file, requestKey()),
    onSuccess: onRead,
  });
  return (
    <>
      <input
        ref={input}
        type="file"
        accept=".csv,.json,.txt,text/csv,application/json"
        aria-label="Readings file"
        hidden
        onChange={(e) => {
          const file = e.target.files?.[0];
          e.target.value = '';
          if (file) {
            read.mutate(file);
          }
        }}
      />
      <Button onClick={() => input.current?.click()} loading={read.isPending}>
        Read a file
      </Button>
      <ErrorNotice error={read.error} />
    </>
  );
}

/** The readings of the standing test as files. */
export function FileLinks({ tag, kind, speed = 1 }: { tag: string; kind: string; speed?: number }) {
  const path = `/api/jobs/${tag}/tests/${kind}/readings`;
  return (
    <p className="small soft">
      Readings as a file: <a href={`${path}.csv?speed=${speed}`}>CSV</a> ·{' '}
      <a href={`${path}.json?speed=${speed}`}>JSON</a>
    </p>
  );
}
