import type { DayOff, Holidays, Land } from '@kotabi/core/model';
import { useQuery } from '@tanstack/react-query';
import { Button, Select } from 'antd';
import dayjs from 'dayjs';
import { useState } from 'react';
import { request } from '../../api/client';
import styles from './people.module.css';

const options = (lands: readonly Land[]) => lands.map(({ code, name }) => ({ value: code, label: name }));

/** Public holidays of a country, or of a region of it, put among the days off: this year's to come and the next one's. */
export const HolidayPicker = ({ add }: { add: (days: DayOff[]) => void }) => {
  const [asked, setAsked] = useState(false);
  const [country, setCountry] = useState<string | null>(null);
  const [region, setRegion] = useState<string | null>(null);
  const countries = useQuery({
    queryKey: ['holidays'],
    queryFn: () => request<Land[]>('GET', '/api/holidays'),
    enabled: asked,
    staleTime: Number.POSITIVE_INFINITY,
  });
  const today = dayjs().format('YYYY-MM-DD');
  const found = useQuery({
    queryKey: ['holidays', country, region],
    queryFn: () =>
      request<Holidays>(
        'GET',
        `/api/holidays/${country}?year=${dayjs().year()}${region === null ? '' : `&region=${region}`}`,
      ),
    enabled: country !== null,
    staleTime: Number.POSITIVE_INFINITY,
  });
  const days = (found.data?.days ?? []).filter((d) => d.date >= today);
  const regions = found.data?.regions ?? [];
  return (
    <span className={styles.holidays}>
      <Select
        aria-label="Public holidays of"
        showSearch={{ optionFilterProp: 'label' }}
        placeholder="public holidays of …"
        style={{ width: 220 }}
        value={country}
        options={options(countries.data ?? [])}
        onOpenChange={(open) => open && setAsked(true)}
        onFocus={() => setAsked(true)}
        onChange={(code) => {
          setCountry(code);
          setRegion(null);
        }}
      />
      {regions.length > 0 && (
        <Select
          aria-label="Region"
          allowClear
          placeholder="all of it"
          style={{ width: 180 }}
          value={region}
          options={options(regions)}
          onChange={(code) => setRegion(code ?? null)}
        />
      )}
      <Button disabled={days.length === 0} onClick={() => add(days)}>
        {days.length > 0 ? `Add ${days.length} holidays` : 'Add'}
      </Button>
      {found.error && <span role="alert">They could not be read. Try again.</span>}
    </span>
  );
};
