import { useState } from 'react';

import { orderIn } from '@/core/time';
import { screen, show, type } from '@/testing/screen';

import { DayInput, OrderProvider } from '.';

function Asked({ locale }: { locale: string }) {
  const [day, setDay] = useState('');
  return (
    <OrderProvider value={orderIn(locale)}>
      <DayInput label="Day" value={day} onChange={setDay} />
    </OrderProvider>
  );
}

test.each([
  ['en-US', /May 12, 2027$/],
  ['de-DE', /December 5, 2027$/],
  ['en-GB', /December 5, 2027$/],
])('with numbers as in %s, 5/12/2027 is read so', async (locale, words) => {
  show(<Asked locale={locale} />);
  await type('Day', '5/12/2027');
  await screen.findByText(words);
});
