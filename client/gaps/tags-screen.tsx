import { useState } from 'react';
import { View } from 'react-native';

import { useRead, useWrite } from '@/client/api';
import { Body, Button, Linked, Page, Select, Soft, Title, Waiting } from '@/client/ui';
import { passTag, suggestTags, takeTags, type TagIdea } from '@/contract/gaps';
import { plural } from '@/core/time';

/** Tags that fit by the owner's own tagging, each with the words that led to it. */
export function TagsScreen() {
  const ideas = useRead(suggestTags, {}, { keepPrevious: true });
  return (
    <Page narrow>
      <Linked href="/tidy" className="min-h-[44px] justify-center self-start">
        <Body className="text-sea">‹ Tidy up</Body>
      </Linked>
      <Title>Tags that fit</Title>
      <Soft>
        Learnt from whom you tagged and what you wrote about them. It happens here; nothing leaves
        this machine.
      </Soft>
      <Waiting query={ideas}>
        {(data) =>
          data.ideas.length === 0 ? (
            <Body>
              {data.learnt === 0
                ? 'There is too little to learn from yet: tag at least four people alike and write notes about them.'
                : 'No further tag seems to fit anybody.'}
            </Body>
          ) : (
            <Ideas ideas={data.ideas} total={data.total} />
          )
        }
      </Waiting>
    </Page>
  );
}

function Ideas({ ideas, total }: { ideas: readonly TagIdea[]; total: number }) {
  const take = useWrite(takeTags);
  const pass = useWrite(passTag);
  const [tag, setTag] = useState('');
  const tags = [...new Set(ideas.map((idea) => idea.tag))].sort();
  const shown = ideas.filter((idea) => tag === '' || idea.tag === tag);
  const put = (list: readonly TagIdea[]) =>
    take.mutate({
      body: { ideas: list.map(({ personId, tag: name }) => ({ personId, tag: name })) },
    });
  return (
    <>
      <View className="flex-row flex-wrap items-end gap-3">
        <Select
          label="Tag"
          className="w-[200px]"
          value={tag}
          options={[
            { value: '', label: 'All tags' },
            ...tags.map((name) => ({ value: name, label: `#${name}` })),
          ]}
          onChange={setTag}
        />
        <Button
          label={`Take ${shown.length === 1 ? 'it' : `all ${shown.length}`}`}
          disabled={take.isPending || shown.length === 0}
          onPress={() => put(shown)}
        />
      </View>
      {total > ideas.length ? <Soft>{`The likeliest ${ideas.length} of ${total}.`}</Soft> : null}
      <View role="list" aria-label={plural(shown.length, 'suggestion')}>
        {shown.map((idea) => (
          <View
            key={`${idea.personId} ${idea.tag}`}
            role="listitem"
            className="flex-row flex-wrap items-center gap-x-2 border-b border-line py-1"
          >
            <View className="min-w-[200px] flex-1">
              <Body>{`#${idea.tag} for ${idea.name}`}</Body>
              <Soft>{`because of ${idea.words.map((word) => `“${word}”`).join(', ')}`}</Soft>
            </View>
            <Button
              label="Take"
              spoken={`Take ${idea.tag} for ${idea.name}`}
              disabled={take.isPending}
              onPress={() => put([idea])}
            />
            <Button
              weight="quiet"
              label="Not so"
              spoken={`${idea.tag} does not fit ${idea.name}`}
              disabled={pass.isPending}
              onPress={() => pass.mutate({ body: { personId: idea.personId, tag: idea.tag } })}
            />
          </View>
        ))}
      </View>
    </>
  );
}
