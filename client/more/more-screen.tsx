import { createElement, Suspense } from 'react';

import { useRead } from '@/client/api';
import { WhatItDoes } from '@/client/ahead';
import { Days, useDays, useDaysTrial } from './days';
import { Holidays } from './holidays';
import { Lately } from './lately';
import { Rule, Spread, Title, useWide, Waiting } from '@/client/ui';
import { getSettings, type Settings } from '@/contract/settings';
import type { PlainDate } from '@/core/time';

/** The owner's days, what a change of them would do, and what was done lately. */
export function MoreScreen() {
  const settings = useRead(getSettings);
  return (
    <Waiting query={settings}>
      {(data) => <YourDays settings={data.settings} today={data.today} />}
    </Waiting>
  );
}

function YourDays({ settings, today }: { settings: Settings; today: PlainDate }) {
  const wide = useWide();
  const form = useDays(settings);
  const trial = useDaysTrial(form, settings);
  return (
    <Spread
      beside={
        <>
          {wide ? (
            <Suspense fallback={null}>
              <WhatItDoes trial={trial} />
            </Suspense>
          ) : (
            <Rule />
          )}
          <Lately />
          <ApiLink />
        </>
      }
    >
      <Title>More</Title>
      <Days form={form} today={today} />
      <Holidays settings={settings} today={today} />
    </Spread>
  );
}

/** The description of the API is a page of the server, none of ours. */
const ApiLink = () =>
  createElement(
    'a',
    {
      href: '/api/',
      className: 'flex min-h-[44px] items-center font-sans text-[0.9375rem] text-sea',
    },
    'The API',
  );
