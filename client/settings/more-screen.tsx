import { createElement } from 'react';
import { View } from 'react-native';

import { useRead } from '@/client/api';
import { Body, Linked, Page, Rule, Title, Waiting } from '@/client/ui';
import { getSettings } from '@/contract/settings';

import { Days } from './days';
import { Holidays } from './holidays';
import { Lately } from './lately';

const LINKS = [
  ['/lists', 'Lists, circles and fields'],
  ['/kinds', 'Kinds of touch'],
  ['/tidy', 'Tidy up'],
  ['/people/import', 'Imports'],
  ['/services', 'Services'],
  ['/web-form', 'Web form'],
] as const;

/** The owner's days, the way to their lists, and what was done lately. */
export function MoreScreen() {
  const settings = useRead(getSettings);
  return (
    <Page narrow>
      <Title>More</Title>
      <View className="flex-row flex-wrap gap-x-6">
        {LINKS.map(([href, label]) => (
          <Linked key={href} href={href} className="min-h-[44px] justify-center">
            <Body className="text-sea">{label}</Body>
          </Linked>
        ))}
        {createElement(
          'a',
          {
            href: '/api/',
            className: 'flex min-h-[44px] items-center font-sans text-[15px] text-sea',
          },
          'The API',
        )}
      </View>
      <Waiting query={settings}>
        {(data) => (
          <>
            <Days settings={data.settings} today={data.today} />
            <Holidays settings={data.settings} today={data.today} />
          </>
        )}
      </Waiting>
      <Rule />
      <Lately />
    </Page>
  );
}
