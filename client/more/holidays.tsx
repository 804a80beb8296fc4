import { View } from 'react-native';

import { useRead, useWrite } from '@/client/api';
import { Body, Chip, Fault, Heading, Select, Soft, Waiting } from '@/client/ui';
import { listCountries, listHolidays } from '@/contract/almanac';
import { saveSettings, type Settings } from '@/contract/settings';
import { longDate, type PlainDate } from '@/core/time';

const NONE = { value: '', label: 'None' };
const toOption = ({ code, name }: { code: string; name: string }) => ({ value: code, label: name });

/** Public holidays as days off: of which country, and on which of them the owner works. */
export function Holidays({ settings, today }: { settings: Settings; today: PlainDate }) {
  const { country, region, holidaysWorked } = settings;
  const save = useWrite(saveSettings);
  const places = useRead(listCountries, { query: { country } }, { keepPrevious: true });
  const listed = useRead(listHolidays, {}, { keepPrevious: true });
  const set = (body: Partial<Settings>) => save.mutate({ body });
  const toggle = (name: string) =>
    set({
      holidaysWorked: holidaysWorked.includes(name)
        ? holidaysWorked.filter((other) => other !== name)
        : [...holidaysWorked, name],
    });
  return (
    <View className="gap-3">
      <Heading>Public holidays</Heading>
      <Waiting query={places}>
        {({ countries, regions }) => (
          <View className="flex-row flex-wrap gap-3">
            <Select
              label="Holidays of"
              className="min-w-[220px] flex-1"
              value={country}
              options={[NONE, ...countries.map(toOption)]}
              onChange={(code) => set({ country: code })}
            />
            {regions.length > 0 ? (
              <Select
                label="and of"
                className="min-w-[220px] flex-1"
                value={region}
                options={[{ value: '', label: 'The whole country' }, ...regions.map(toOption)]}
                onChange={(code) => set({ region: code })}
              />
            ) : null}
          </View>
        )}
      </Waiting>
      {save.error ? <Fault>{save.error.message}</Fault> : null}
      {country === '' ? (
        <Soft>Choose a country, and nothing is planned on its public holidays.</Soft>
      ) : (
        <Waiting query={listed}>
          {({ holidays }) => (
            <View className="gap-1" role="group" aria-label="Holidays that are days off">
              <Soft>Chosen days are free. Take the choice away from those on which you work.</Soft>
              {holidays.map(({ on, name, worked }) => (
                <View key={on} className="flex-row flex-wrap items-center gap-x-3">
                  <Chip label={name} chosen={!worked} onPress={() => toggle(name)} />
                  <Body className="text-ink-soft">{longDate(on, today)}</Body>
                </View>
              ))}
            </View>
          )}
        </Waiting>
      )}
    </View>
  );
}
