import { useMutation } from '@tanstack/react-query';
import { Button } from 'antd';
import { useRef } from 'react';
import { call } from '../api/http';
import type { Typed } from '../api/types';
import { ErrorNotice } from '../ui/ErrorNotice';

interface Read {
  readings: { minutes: number; partC: number }[];
}

/** A temperature logger's file read into the readings of a sheet; what it cannot read is told by line and column. */
export function OvenFile({ label, onRead }: { label: string; onRead: (readings: Typed[]) => void }) {
  const input = useRef<HTMLInputElement>(null);
  const read = useMutation({
    mutationFn: async (file: File) =>
      call<Read>('POST', '/api/oven-log', { csv: new TextDecoder().decode(await file.arrayBuffer()) }),
    onSuccess: ({ readings }) =>
      onRead(readings.map((r) => ({ minutes: String(r.minutes), partC: `${r.partC} °C` }))),
  });
  return (
    <div style={{ marginBottom: 14 }}>
      <input
        ref={input}
        type="file"
        hidden
        accept=".csv,.txt,text/csv,text/plain"
        aria-label={label}
        onChange={(e) => {
          const file = e.target.files?.[0];
          e.target.value = '';
          if (file) {
            read.mutate(file);
          }
        }}
      />
      <Button loading={read.isPending} onClick={() => input.current?.click()}>
        {label}
      </Button>
      <ErrorNotice error={read.error} />
    </div>
  );
}
