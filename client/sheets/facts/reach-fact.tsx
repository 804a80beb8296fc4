import { Body, InlineEdit, Rows, SaveBar, SwitchField, TextField } from '@/client/ui';
import type { Reach } from '@/core/people';

import type { FactProps } from './simple';
import { useFact } from './use-fact';

type ReachList = 'phones' | 'emails' | 'links';

interface Props extends FactProps {
  name: ReachList;
  /** One of them: "e-mail". */
  one: string;
  shown: (value: string) => string;
}

const BLANK: Reach = { value: '', label: '' };

/** Several ways to reach somebody; the first is the one that is used, and e-mails that are wanted there too. */
export function ReachFact({ shown, ...props }: Props) {
  const { sheet, name, label, open, onClose } = props;
  return (
    <InlineEdit
      label={label}
      value={(sheet.fields[name] as Reach[]).map(({ value, label: of, also }) => (
        <Body key={value}>
          {[shown(value), of, also && 'written to as well'].filter(Boolean).join(', ')}
        </Body>
      ))}
      {...{ open, onClose }}
    >
      {(close) => <ReachForm {...props} onClose={close} />}
    </InlineEdit>
  );
}

function ReachForm({ sheet, name, one, onClose }: Omit<Props, 'shown'> & { onClose: () => void }) {
  const list = sheet.fields[name];
  const form = useFact(sheet, name, {
    values: { [name]: list.length > 0 ? list : [BLANK] } as Record<ReachList, Reach[]>,
    // Empty rows go along, so that a fault finds its row; the server leaves them out.
    toChange: (given) => ({ [name]: given[name] }),
    onSaved: onClose,
  });
  return (
    <>
      <Rows of={form} name={name} one={one} blank={BLANK} first="Use first">
        {(at) => (
          <>
            <TextField
              of={form}
              name={`${name}.${at}.value`}
              label={`${one} ${at + 1}`}
              hideLabel
              className="min-w-[180px] flex-1"
            />
            <TextField
              of={form}
              name={`${name}.${at}.label`}
              label={`What ${one} ${at + 1} is`}
              hideLabel
              placeholder="home, work"
              className="w-[110px]"
            />
            {name === 'emails' && at > 0 ? (
              <SwitchField of={form} name={`${name}.${at}.also`} label="write here too" />
            ) : null}
          </>
        )}
      </Rows>
      <SaveBar form={form} onClose={onClose} />
    </>
  );
}
