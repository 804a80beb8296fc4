import { useState } from 'react';

import { useRead } from '@/client/api';
import { Chooser } from '@/client/ui';
import { listPeople, type PersonRow } from '@/contract/people';

const SHOWN = 6;

interface Props {
  label: string;
  /** Somebody who can't be chosen: the one whose sheet it is. */
  exceptId?: string;
  onChoose: (person: PersonRow) => void;
  onName?: (name: string) => void;
  fault?: string | null;
}

/** Finds one person by typing a part of anything known about them. */
export function PersonChooser({ exceptId, ...rest }: Props) {
  const [text, setText] = useState('');
  const asked = text.trim() !== '';
  const { data } = useRead(
    listPeople,
    { query: { text, sort: 'name', limit: SHOWN } },
    { enabled: asked, keepPrevious: true },
  );
  const found = data?.rows
    .filter(({ id }) => id !== exceptId)
    .map((row) => ({ ...row, about: row.place || row.company }));
  return (
    <Chooser
      text={text}
      onText={setText}
      found={found}
      total={data?.total ?? 0}
      autoFocus
      {...rest}
    />
  );
}
