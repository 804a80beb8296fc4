import { useState } from 'react';

import { LogForm } from '@/client/touches';
import { Button, Overlay, useKey } from '@/client/ui';
import type { PersonSheet } from '@/contract/people';
import type { PlainDate } from '@/core/time';

/** The way to log any touch with somebody. It knows alone whether it is open: the sheet is not drawn anew for it. */
export function LogTouch({ sheet, today }: { sheet: PersonSheet; today: PlainDate }) {
  const [open, setOpen] = useState(false);
  const close = () => setOpen(false);
  useKey('l', () => setOpen(true), !open);
  const likely = sheet.fields.phones.length > 0 ? 'call' : 'email';
  return (
    <>
      <Button label="Log" onPress={() => setOpen(true)} />
      {open ? (
        <Overlay title={`A touch with ${sheet.name}`} onClose={close}>
          <LogForm
            free
            personId={sheet.id}
            kind={sheet.planned[0]?.kind ?? likely}
            today={today}
            onDone={close}
          />
        </Overlay>
      ) : null}
    </>
  );
}
