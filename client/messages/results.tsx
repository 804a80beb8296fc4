import { View } from 'react-native';

import { useRead } from '@/client/api';
import { Body, Heading, Soft } from '@/client/ui';
import { listResults, type Result } from '@/contract/messages';
import { figure, plural } from '@/core/time';

/** Shares of fewer than this say more of chance than of the words. */
const ENOUGH = 30;

/** "9 answered (30 %)", or the number alone where there are few. */
const share = (n: number, of: number, what: string): string | false =>
  n > 0 && `${figure(n)} ${what}${of >= ENOUGH ? ` (${Math.round((n / of) * 100)} %)` : ''}`;

/** What came of a year's messages, by the beat that brought them and the template of their words. */
export function Results() {
  const results = useRead(listResults, {}, { keepPrevious: true }).data?.results ?? [];
  if (results.length === 0) return null;
  const few = results.some(({ sent }) => sent < ENOUGH);
  return (
    <View className="gap-2">
      <Heading>What came of it, in a year</Heading>
      {results.map((result) => (
        <OneResult key={`${broughtBy(result)} ${result.kind}`} result={result} />
      ))}
      {few ? (
        <Soft>{`Of fewer than ${ENOUGH} no share is worked out: it would be chance.`}</Soft>
      ) : null}
    </View>
  );
}

/** "Quarterly, beat 2, “A line from the harbor”". */
const broughtBy = ({ cadence, beat, template }: Result): string =>
  [cadence || 'Written by you', beat && `beat ${beat}`, template && `“${template}”`]
    .filter(Boolean)
    .join(', ');

function OneResult({ result }: { result: Result }) {
  const { kind, sent } = result;
  const parts = [
    share(result.delivered, sent, 'known to have arrived'),
    share(result.opened, sent, 'opened'),
    share(result.clicked, sent, 'followed a link'),
    share(result.answered, sent, 'answered'),
    share(result.bounced, sent, 'came back'),
    share(result.optedOut, sent, 'want no more'),
  ].filter(Boolean);
  return (
    <View className="border-b border-line py-2">
      <Body>{`${broughtBy(result)}: ${plural(sent, kind === 'email' ? 'e-mail' : 'text')}`}</Body>
      <Soft>{parts.length > 0 ? parts.join(', ') : 'Nothing has come back yet.'}</Soft>
    </View>
  );
}
