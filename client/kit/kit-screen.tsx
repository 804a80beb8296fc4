import { Body, Heading, Page, Soft, Title } from '@/client/ui';
import { View } from 'react-native';

import { ChartSample, TableSample } from './figures';
import { FormSample, SheetSample } from './forms';
import { ChooserSample, ListSample } from './lists';
import {
  ButtonSample,
  MarkSample,
  ProgressSample,
  StateSample,
  ToastSample,
  TypeSample,
} from './parts';

const SAMPLES = [
  ['Type', TypeSample],
  ['Buttons and choices', ButtonSample],
  ['Marks', MarkSample],
  ['A form: text, number, money, day, yearly day, list, choice, switch, rows', FormSample],
  ['Form sheet and inline editor', SheetSample],
  ['List with page and search', ListSample],
  ['Chooser of people, of 20,000', ChooserSample],
  ['Table with columns that can be chosen', TableSample],
  ['Chart frame', ChartSample],
  ['Progress with cancel', ProgressSample],
  ['Empty, loading, failed', StateSample],
  ['Toast with undo', ToastSample],
] as const;

/** Every part of the kit at once, to be looked at while developing; nothing of it reaches a server. */
export const KitScreen = () => (
  <Page narrow>
    <Title>The kit</Title>
    <Body>What screens are made of. Narrow the window, and switch the system to dark.</Body>
    {SAMPLES.map(([name, Sample]) => (
      <View key={name} className="gap-3 border-t border-line pt-4" role="group" aria-label={name}>
        <Heading>{name}</Heading>
        <Sample />
      </View>
    ))}
    <Soft>Only development shows this page.</Soft>
  </Page>
);
