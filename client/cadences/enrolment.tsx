import { View } from 'react-native';

import {
  Body,
  ChoiceField,
  DayField,
  Fault,
  NumberField,
  SaveBar,
  SelectField,
  Soft,
} from '@/client/ui';
import { plural, type PlainDate } from '@/core/time';

import { EnrolPreview } from './enrol-preview';
import { useEnrolment, type EnrolmentProps } from './use-enrolment';

const PACES = [
  { value: 'once', label: 'All on that day' },
  { value: 'phased', label: 'A few each day' },
] as const;

/** Who joins which cadence, when and how fast, beside what that would bring. */
export function Enrolment(props: EnrolmentProps) {
  const { cadences, chosen, from, today } = props;
  const known = useEnrolment(props);
  const { form, joining, cadence, preview, people } = known;
  return (
    <>
      <Body>
        {from
          ? 'For the one whose sheet you came from.'
          : chosen === null
            ? 'Nobody was chosen in People, so this is for everybody in your sphere.'
            : `For the ${plural(chosen, 'person', 'people')} chosen in People.`}
      </Body>
      <View className="flex-row flex-wrap gap-3">
        <SelectField
          of={form}
          name="cadenceId"
          label="Cadence"
          className="min-w-[240px]"
          options={cadences.map(({ id, name }) => ({ value: id, label: name }))}
        />
        {cadence?.rota ? null : <Start known={known} today={today} />}
      </View>
      {cadence?.rota ? (
        <Soft>
          Each begins in the week of their letter, also those whom the rota is not for. It takes in
          those whom it is for by itself.
        </Soft>
      ) : (
        <ChoiceField of={form} name="pace" label="How they start" options={PACES} />
      )}
      {cadence?.advice ? <Soft>{cadence.advice}</Soft> : null}
      <Past pieces={known.past} />
      {preview.error ? <Fault>{preview.error.message}</Fault> : null}
      {preview.data ? (
        <EnrolPreview
          data={preview.data}
          today={today}
          lacking={joining.lacking}
          onLacking={known.setLacking}
          onSample={known.setSample}
        />
      ) : null}
      <SaveBar
        form={form}
        weight="main"
        label={`Enroll ${plural(people, 'person', 'people')}`}
        disabled={people < 1 || Boolean(preview.error)}
      />
    </>
  );
}

interface StartProps {
  known: ReturnType<typeof useEnrolment>;
  today: PlainDate;
}

const Start = ({ known: { form, joining }, today }: StartProps) => (
  <>
    <DayField of={form} name="startOn" label="Starts on" min={today} />
    {joining.pace === 'phased' ? (
      <NumberField of={form} name="perDay" label="Begin on each working day" unit="people" />
    ) : null}
  </>
);

function Past({ pieces }: { pieces: number }) {
  if (pieces === 0) return null;
  return (
    <Soft>
      {`${plural(pieces, 'piece')} of its year ${pieces === 1 ? 'is' : 'are'} past on that day: not made up for, ${pieces === 1 ? 'it comes' : 'they come'} next year.`}
    </Soft>
  );
}
