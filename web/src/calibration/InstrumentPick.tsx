import { useQuery } from '@tanstack/react-query';
import { Select } from 'antd';
import { call } from '../api/http';
import type { ShopInstrument } from '../api/types';

export function useInstruments() {
  return useQuery({
    queryKey: ['instruments'],
    queryFn: () => call<ShopInstrument[]>('GET', '/api/instruments'),
    staleTime: 60_000,
  });
}

/** Which of the shop's instruments read; one out of calibration is told at once, since its reading proves nothing. */
export function InstrumentPick({
  value,
  onChange,
}: {
  value: number | null;
  onChange: (id: number | null) => void;
}) {
  const list = useInstruments().data?.filter((i) => !i.retired) ?? [];
  if (list.length === 0) {
    return null;
  }
  const overdue = list.find((i) => i.id === value)?.overdue;
  return (
    <label className="field words" style={{ maxWidth: 420 }}>
      <span className="label">Read by</span>
      <Select
        aria-label="Read by"
        allowClear
        placeholder="none of the shop’s list"
        style={{ width: '100%' }}
        value={value}
        options={list.map((i) => ({
          value: i.id,
          label: `${i.name} · ${i.serial}${i.overdue ? ' · calibration ran out' : ''}`,
        }))}
        onChange={(id: number | undefined) => onChange(id ?? null)}
      />
      <span className="wrong">
        {overdue && 'Out of calibration: whatever it reads will be Unproven. Take another.'}
      </span>
    </label>
  );
}
