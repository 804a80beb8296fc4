import { createElement, useState } from 'react';
import { View } from 'react-native';

import { Body, Card, Choice, Heading, Lead, Soft } from '@/client/ui';
import type { TemplateKind } from '@/contract/templates';

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

/** A whole letter in a page of its own, in which nothing runs, as narrow or wide as it may be read. */
function Letter({ page }: { page: string }) {
  const [width, setWidth] = useState<'phone' | 'desk'>('phone');
  const [height, setHeight] = useState(320);
  return (
    <View className="gap-2">
      <Choice label="How wide it is read" value={width} options={WIDTHS} onChange={setWidth} />
      <View className="overflow-x-auto" {...{ tabIndex: 0 }}>
        {createElement('iframe', {
          title: 'The letter',
          // No script runs in it; its pictures are asked for as this page's own.
          sandbox: 'allow-same-origin',
          srcDoc: page,
          style: {
            border: 0,
            width: width === 'phone' ? '100%' : 720,
            maxWidth: width === 'phone' ? 375 : undefined,
            height,
          },
          onLoad: ({ currentTarget }: { currentTarget: HTMLIFrameElement }) =>
            setHeight((currentTarget.contentDocument?.documentElement.scrollHeight ?? 300) + 8),
          key: width,
        })}
      </View>
    </View>
  );
}
