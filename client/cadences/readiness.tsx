import { useState } from 'react';
import { View } from 'react-native';

import { call, useWrite } from '@/client/api';
import { GAP_WORDS } from '@/client/gaps';
import { Body, Button, Choice, Field, Heading, Linked, Soft } from '@/client/ui';
import type { previewEnrolment } from '@/contract/enrolments';
import type { CallOutput } from '@/contract/endpoint';
import { editPerson, getPerson } from '@/contract/people';
import { need } from '@/core/need';
import { plural, type PlainDate } from '@/core/time';

type Preview = CallOutput<typeof previewEnrolment>;
type Lacking = Preview['lacking'][0];

const LACKING = [
  { value: 'along', label: 'Take them along' },
  { value: 'out', label: 'Leave them out' },
] as const;

const SHOWN = 12;

interface Props {
  data: Preview;
  lacking: 'along' | 'out';
  onLacking: (lacking: 'along' | 'out') => void;
  today: PlainDate;
}

/** Who lacks what the cadence needs: mended here, left out, or taken along all the same. */
export function Readiness({ data, lacking, onLacking, today }: Props) {
  const [shown, setShown] = useState(SHOWN);
  if (data.people === 0) return null;
  if (data.lackingCount === 0) return <Soft>Everybody has what it needs.</Soft>;
  return (
    <View className="gap-1">
      <Heading>{`${plural(data.lackingCount, 'person lacks', 'people lack')} something it needs`}</Heading>
      {data.lacking.slice(0, shown).map((person) => (
        <Person key={person.id} person={person} today={today} />
      ))}
      {data.lackingCount > shown ? (
        <Button
          weight="quiet"
          className="self-start"
          label={`Show more of ${data.lackingCount}`}
          onPress={() => setShown(shown + 50)}
        />
      ) : null}
      <Choice
        label="Those who lack something"
        value={lacking}
        options={LACKING}
        onChange={onLacking}
      />
      <Soft>
        {lacking === 'along'
          ? 'Taken along, those touches come to your desk and say what is missing, where you can do them another way. Around a date that is not known nothing is planned.'
          : 'Left out, they are not enrolled; they stay in your sphere as they are.'}
      </Soft>
    </View>
  );
}

function Person({ person, today }: { person: Lacking; today: PlainDate }) {
  const edit = useWrite(editPerson, { tells: false });
  const [text, setText] = useState('');
  const [fault, setFault] = useState<string | null>(null);
  const field = person.lacks.find((lack) => lack.field)?.field;
  const words = field ? GAP_WORDS[field] : null;
  const params = { id: person.id };
  const mend = async () => {
    const { version, fields } = await call(getPerson, { params });
    const change = need(words).toChange(text, { fields, circles: [], today });
    if (!change) return setFault(`That can’t be read. ${need(words).hint}`);
    edit.mutate(
      { params, body: { version, ...change } },
      { onError: ({ message }) => setFault(message) },
    );
  };
  return (
    <View className="gap-1 border-b border-line py-1">
      <View className="flex-row flex-wrap items-baseline gap-2">
        <Linked href={`/people/${person.id}`}>
          <Body>{person.name}</Body>
        </Linked>
        <Soft>
          {`${person.lacks.map(({ words }) => words).join(', ')}: ${plural(person.touches, 'beat')} a round`}
        </Soft>
      </View>
      {words ? (
        <View className="flex-row items-start gap-2">
          <Field
            label={`${words.ask}: ${person.name}`}
            hideLabel
            placeholder={words.hint}
            className="max-w-[220px] flex-1"
            value={text}
            fault={fault}
            onChangeText={setText}
          />
          <Button
            label="Keep"
            spoken={`Keep for ${person.name}`}
            disabled={text.trim() === '' || edit.isPending}
            onPress={() => void mend()}
          />
        </View>
      ) : null}
    </View>
  );
}
