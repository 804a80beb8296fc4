import { createElement, useEffect, useRef, useState } from 'react';
import { View } from 'react-native';

import { Body, Card, Choice, Heading, Lead, Soft } from '@/client/ui';
import type { TemplateKind } from '@/contract/templates';
import { need } from '@/core/need';

interface Props {
  kind: TemplateKind;
  read: { subject: string; words: string; page: string };
  /** Where it goes, or who gets it. */
  to?: string;
  heading?: string;
}

/** Words as their reader will have them. */
export const AsRead = ({ kind, read, to, heading = 'As they will read it' }: Props) => (
  <View className="gap-2">
    <Heading>{heading}</Heading>
    <Card className="gap-3">
      {kind === 'email' ? <Body className="font-sans-semibold">{read.subject || '…'}</Body> : null}
      {to ? <Soft>{to}</Soft> : null}
      {read.page ? (
        <Letter page={read.page} />
      ) : (
        <Lead className="text-[1.0625rem]">{read.words || '…'}</Lead>
      )}
    </Card>
  </View>
);

const WIDTHS = [
  { value: 'phone', label: 'On a phone' },
  { value: 'desk', label: 'On a wide screen' },
] as const;

/** A whole letter apart from the screen's own styles, as narrow or wide as it may be read. */
function Letter({ page }: { page: string }) {
  const [width, setWidth] = useState<'phone' | 'desk'>('phone');
  const apart = useRef<HTMLDivElement>(null);
  useEffect(() => {
    const place = need(apart.current);
    const root = place.shadowRoot ?? place.attachShadow({ mode: 'open' });
    // It was cleaned by the server, and nothing that is put in like this runs.
    root.innerHTML = page;
  }, [page]);
  return (
    <View className="gap-2">
      <Choice label="How wide it is read" value={width} options={WIDTHS} onChange={setWidth} />
      <View className="overflow-x-auto" {...{ tabIndex: 0 }}>
        {createElement('div', {
          ref: apart,
          role: 'article',
          'aria-label': 'The letter',
          style: {
            width: width === 'phone' ? 375 : 720,
            maxWidth: width === 'phone' ? '100%' : undefined,
            background: '#fff',
          },
          // It is to be looked at: its links lead nowhere from here.
          onClick: (event: { preventDefault: () => void }) => event.preventDefault(),
        })}
      </View>
    </View>
  );
}
