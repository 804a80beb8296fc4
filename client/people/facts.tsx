import { View } from 'react-native';

import { Body, Heading, Soft } from '@/client/ui';
import type { PersonSheet } from '@/contract/people';
import { formatPhone } from '@/core/people';
import { longDate, monthName, type PlainDate } from '@/core/time';

const birthdayWords = (birthday: string): string => {
  const [month, day] = birthday.slice(-5).split('-').map(Number);
  return `${monthName(month!)} ${day}${birthday.length > 5 ? `, ${birthday.slice(0, 4)}` : ''}`;
};

/** What is on record; lines without anything are left out. */
export function Facts({ sheet, today }: { sheet: PersonSheet; today: PlainDate }) {
  const f = sheet.fields;
  const address = [f.addressLine, f.city, [f.region, f.postalCode].filter(Boolean).join(' ')];
  const promise =
    sheet.standing.promiseDays === null
      ? ''
      : `every ${sheet.standing.promiseDays} days${sheet.ownPromiseDays ? ', their own' : ''}`;
  const lines: [string, string][] = [
    ['Phone', formatPhone(f.phone)],
    ['E-mail', f.email],
    ['Address', address.filter(Boolean).join(', ')],
    ['Place', f.place],
    ['Birthday', f.birthday ? birthdayWords(f.birthday) : ''],
    ['Promise', promise],
    ['Tags', sheet.tags.map((tag) => `#${tag}`).join(' ')],
    ['Came from', f.source],
    ['Here since', longDate(sheet.addedOn, today)],
  ];
  return (
    <View className="gap-1">
      <Heading>Facts</Heading>
      {lines
        .filter(([, value]) => value)
        .map(([label, value]) => (
          <View key={label} className="flex-row gap-3">
            <Soft className="w-[92px] leading-6">{label}</Soft>
            <Body className="flex-1">{value}</Body>
          </View>
        ))}
    </View>
  );
}
