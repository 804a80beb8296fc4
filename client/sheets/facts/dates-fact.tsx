import { Body, InlineEdit, Rows, SaveBar, TextField, YearlyField } from '@/client/ui';
import type { PersonSheet } from '@/contract/people';
import type { NamedDate } from '@/core/people';
import { yearlyWords } from '@/core/time';

import type { FactProps } from './simple';
import { useFact } from './use-fact';

const BLANK: NamedDate = { name: '', on: '' };

/** Wedding and any other day of the year that has a name. */
export const DatesFact = ({ sheet, open, onClose }: Omit<FactProps, 'name' | 'label'>) => (
  <InlineEdit
    label="Dates"
    value={sheet.fields.dates.map(({ name, on }, i) => (
      <Body key={i}>{`${name}, ${yearlyWords(on)}`}</Body>
    ))}
    {...{ open, onClose }}
  >
    {(close) => <DatesForm sheet={sheet} onClose={close} />}
  </InlineEdit>
);

function DatesForm({ sheet, onClose }: { sheet: PersonSheet; onClose: () => void }) {
  const { dates } = sheet.fields;
  const form = useFact(sheet, 'dates', {
    values: { dates: dates.length > 0 ? dates : [{ name: 'Wedding', on: '' }] },
    toChange: (given) => ({ dates: given.dates.filter(({ on }) => on) }),
    onSaved: onClose,
  });
  return (
    <>
      <Rows of={form} name="dates" one="date" blank={BLANK}>
        {(at) => (
          <>
            <TextField
              of={form}
              name={`dates.${at}.name`}
              label={`Name of date ${at + 1}`}
              hideLabel
              className="min-w-[140px] flex-1"
            />
            <YearlyField
              of={form}
              name={`dates.${at}.on`}
              label={`Day of date ${at + 1}`}
              hideLabel
              className="w-[190px]"
            />
          </>
        )}
      </Rows>
      <SaveBar form={form} onClose={onClose} />
    </>
  );
}
