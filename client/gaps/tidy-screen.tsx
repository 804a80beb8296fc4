import { View } from 'react-native';

import { useRead } from '@/client/api';
import { Heading, Lead, Linked, Soft, Spread, Title } from '@/client/ui';
import { listGaps, suggestTags } from '@/contract/gaps';
import { listSame } from '@/contract/same';
import { plural } from '@/core/time';

import { GAP_WORDS } from './gap-words';

/** What keeps the sphere clean: doubles, gaps, tags that fit. */
export function TidyScreen() {
  const same = useRead(listSame, { query: { limit: 1 } });
  const ideas = useRead(suggestTags);
  const pairs = same.data;
  return (
    <Spread beside={<Gaps />}>
      <Title>Tidy up</Title>
      <View role="list" className="gap-1">
        <Way
          href="/tidy/same"
          name="Twice here?"
          count={pairs ? pairs.sure + pairs.ask : null}
          words={pairs ? pairsFound(pairs) : ''}
        />
        <Way
          href="/tidy/tags"
          name="Tags that fit"
          count={ideas.data?.total ?? null}
          words={
            ideas.data?.learnt
              ? `Learnt here from how you tag, from ${ideas.data.learnt} of your tags`
              : 'Tag at least four people alike, and Pen Pal learns what the tag means'
          }
        />
      </View>
    </Spread>
  );
}

const pairsFound = ({ sure, ask }: { sure: number; ask: number }): string =>
  sure + ask > 0
    ? `${plural(sure, 'certain match', 'certain matches')}, ${ask} possible`
    : 'No duplicates found';

function Gaps() {
  const gaps = useRead(listGaps);
  return (
    <>
      <Heading>What is not known</Heading>
      <View role="list">
        {(gaps.data?.gaps ?? []).map(({ lack, people }) => (
          <Way
            key={lack}
            href={`/tidy/${lack}`}
            name={GAP_WORDS[lack].title}
            count={people}
            words={people === 0 ? 'Known of everybody' : ''}
          />
        ))}
      </View>
    </>
  );
}

interface WayProps {
  href: string;
  name: string;
  count: number | null;
  words: string;
}

function Way({ href, name, count, words }: WayProps) {
  return (
    <View role="listitem">
      <Linked
        href={href}
        className="min-h-[52px] flex-row items-center gap-3 border-b border-line py-1"
      >
        <View className="min-w-0 flex-1">
          <Lead>{name}</Lead>
          {words ? <Soft>{words}</Soft> : null}
        </View>
        <Lead className="tabular-nums">{count ?? ''}</Lead>
      </Linked>
    </View>
  );
}
