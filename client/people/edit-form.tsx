import { useState } from 'react';
import { View } from 'react-native';

import { useRead, useWrite } from '@/client/api';
import { Button, Fault, Field, NumberField, Overlay, Select } from '@/client/ui';
import { editPerson, type PersonFields, type PersonSheet } from '@/contract/people';
import { getSettings } from '@/contract/settings';

type TextKey = Exclude<keyof PersonFields, 'roles' | 'birthday'>;

const TEXT_FIELDS: [TextKey, string][] = [
  ['givenName', 'First name'],
  ['familyName', 'Last name'],
  ['goesBy', 'Goes by'],
  ['company', 'Company'],
  ['phone', 'Phone'],
  ['email', 'E-mail'],
  ['addressLine', 'Street and number'],
  ['city', 'City'],
  ['region', 'State'],
  ['postalCode', 'Postal code'],
  ['place', 'Neighborhood'],
  ['source', 'Came from'],
];

const listed = (text: string) =>
  text
    .split(',')
    .map((part) => part.trim().replace(/^#/, ''))
    .filter(Boolean);

/** Changes a person; only what was changed is sent, with the version it was changed on. */
export function EditForm({ sheet, onClose }: { sheet: PersonSheet; onClose: () => void }) {
  const settings = useRead(getSettings);
  const edit = useWrite(editPerson);
  const [fields, setFields] = useState(sheet.fields);
  const [circleId, setCircleId] = useState(sheet.circle?.id ?? '');
  const [promise, setPromise] = useState(sheet.ownPromiseDays?.toString() ?? '');
  const [roles, setRoles] = useState(sheet.fields.roles.join(', '));
  const [tags, setTags] = useState(sheet.tags.join(', '));
  const changed = Object.fromEntries(
    Object.entries(fields).filter(([key, value]) => value !== sheet.fields[key as TextKey]),
  );
  const save = () =>
    edit.mutate(
      {
        params: { id: sheet.id },
        body: {
          ...changed,
          version: sheet.version,
          roles: listed(roles),
          tags: listed(tags),
          circleId: circleId || null,
          ownPromiseDays: promise.trim() === '' ? null : Number(promise),
        },
      },
      { onSuccess: onClose },
    );
  const faultAt = (key: string) => (edit.error?.field === key ? edit.error.message : null);
  return (
    <Overlay title={sheet.name} onClose={onClose}>
      <View className="flex-row flex-wrap gap-3">
        {TEXT_FIELDS.map(([key, label]) => (
          <Field
            key={key}
            label={label}
            className="min-w-[220px] flex-1"
            value={fields[key]}
            fault={faultAt(key)}
            onChangeText={(value) => setFields({ ...fields, [key]: value })}
          />
        ))}
        <Field
          label="Birthday (YYYY-MM-DD or MM-DD)"
          className="min-w-[220px] flex-1"
          value={fields.birthday ?? ''}
          fault={faultAt('birthday')}
          onChangeText={(value) => setFields({ ...fields, birthday: value || null })}
        />
        <Field
          label="Roles"
          className="min-w-[220px] flex-1"
          value={roles}
          onChangeText={setRoles}
        />
        <Field label="Tags" className="min-w-[220px] flex-1" value={tags} onChangeText={setTags} />
        <Select
          label="Circle"
          className="min-w-[220px] flex-1"
          value={circleId}
          options={[
            { value: '', label: 'None' },
            ...(settings.data?.circles ?? []).map(({ id, name, promiseDays }) => ({
              value: id,
              label: promiseDays ? `${name}, every ${promiseDays} days` : name,
            })),
          ]}
          onChange={setCircleId}
        />
        <NumberField
          label="A promise of their own, every"
          unit="days"
          value={promise}
          onChange={setPromise}
        />
      </View>
      {edit.error && !edit.error.field ? <Fault>{edit.error.message}</Fault> : null}
      <Button weight="main" label="Save" disabled={edit.isPending} onPress={save} />
    </Overlay>
  );
}
