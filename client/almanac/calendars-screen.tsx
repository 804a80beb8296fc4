import { Spread, Title } from '@/client/ui';

import { AlmanacParts } from './parts';

export function CalendarsScreen() {
  return (
    <Spread beside={null}>
      <AlmanacParts />
      <Title>Calendars</Title>
    </Spread>
  );
}
