import axe from 'axe-core';

import { fakeServer, press, screen, show, type, widen, within } from '@/testing/screen';

import { ChartSample, TableSample } from './figures';
import { FormSample, SheetSample } from './forms';
import { KitScreen } from './kit-screen';
import { ChooserSample, ListSample } from './lists';
import { ProgressSample, ToastSample } from './parts';

beforeEach(() => {
  fakeServer();
});

test('all of the kit is there, and axe has nothing against it', async () => {
  widen();
  const { container } = show(<KitScreen />);
  await screen.findByRole('table', { name: 'Touches' });
  await screen.findByRole('img', { name: /between 0 and 15/ });
  expect(screen.getAllByRole('heading', { level: 2 })).toHaveLength(12);
  // Colours are only known to a browser: journeys look at contrast.
  const { violations } = await axe.run(container, {
    rules: { 'color-contrast': { enabled: false }, region: { enabled: false } },
  });
  expect(violations.map(({ id, nodes }) => [id, nodes.map(({ html }) => html)])).toEqual([]);
});

describe('a form', () => {
  test('what is wrong stands at its field and is told to who hears it', async () => {
    show(<FormSample />);
    await press('Keep');
    const field = screen.getByLabelText('What it is');
    expect(field.getAttribute('aria-invalid')).toBe('true');
    const fault = document.getElementById(field.getAttribute('aria-describedby')!);
    expect(fault?.textContent).toBe('Name the work.');
    expect(screen.getByText('Somebody changed this meanwhile.').getAttribute('role')).toBe('alert');
    await press('Leave it');
    expect(field.getAttribute('aria-invalid')).toBeNull();
  });

  test('a day is read as people write it, and says how', async () => {
    show(<FormSample />);
    expect(screen.getByDisplayValue('November 30')).toBeTruthy();
    await type('Follow up on', 'friday');
    expect(screen.getByText('Friday, November 27')).toBeTruthy();
    await type('Birthday', '4 may 1980');
    expect(screen.getByText('May 4, 1980')).toBeTruthy();
  });

  test('an amount stays as it was typed', async () => {
    show(<FormSample />);
    expect(screen.getByDisplayValue('2500')).toBeTruthy();
    await type('Fee', '1250.5');
    expect(screen.getByDisplayValue('1250.5')).toBeTruthy();
  });

  test('rows are added, put first and taken away', async () => {
    show(<FormSample />);
    await press('Another phone');
    await type('phone 3', '555-0144');
    await press('Use first: phone 3');
    expect(screen.getByLabelText('phone 1')).toHaveProperty('value', '555-0144');
    await press('Remove phone 2');
    expect(screen.queryByDisplayValue('555-0142')).toBeNull();
    expect(screen.getByLabelText('phone 2')).toHaveProperty('value', '555-0143');
  });
});

test('the form sheet opens over the page and closes again', async () => {
  show(<SheetSample />);
  await press('Open the sheet');
  const sheet = within(screen.getByRole('dialog', { name: 'A form on a sheet' }));
  expect(sheet.getByLabelText('Name of the work')).toBeTruthy();
  await press('Close');
  expect(screen.queryByRole('dialog')).toBeNull();
});

test('the inline editor shows what is on record, and its form when it is pressed', async () => {
  show(<SheetSample />);
  await press('Change company');
  expect(screen.queryByText('Harbor Loans')).toBeNull();
  await press('Done');
  expect(screen.getByText('Harbor Loans')).toBeTruthy();
});

test('a list shows a page, more of it, and what is searched for', async () => {
  show(<ListSample />);
  const list = () => screen.getAllByRole('listitem');
  expect(list()).toHaveLength(5);
  await press('5 more of 125');
  expect(list()).toHaveLength(10);
  await type('Find in tags', 'TAG 12');
  expect(list()).toHaveLength(5);
  await type('Find in tags', 'nothing such');
  expect(screen.getByText('Nothing is called that.')).toBeTruthy();
});

test('one of 20,000 is found by a part of the name, by keys alone', async () => {
  const { user } = show(<ChooserSample />);
  await user.type(screen.getByRole('combobox'), 'given123');
  const options = screen.getAllByRole('option');
  expect(options).toHaveLength(6);
  expect(screen.getByText('105 more. Write more of the name.')).toBeTruthy();
  await user.keyboard('{ArrowDown}{ArrowDown}{ArrowUp}{Enter}');
  expect(screen.getByText('Given1230 Family66 is chosen.')).toBeTruthy();
  await press('Just the name “given123”');
  expect(screen.getByText('given123 is chosen.')).toBeTruthy();
});

test('a table is sorted by any column, and shows those that are chosen', async () => {
  widen();
  show(<TableSample />);
  await screen.findByRole('table', { name: 'Touches' });
  const table = () => screen.getByRole('table', { name: 'Touches' });
  const names = () =>
    within(table())
      .getAllByRole('row')
      .slice(1)
      .map((row) => row.children[0]!.textContent);
  expect(within(table()).getAllByRole('columnheader')).toHaveLength(3);
  await press('Fee');
  await press(/^Fee/);
  expect(names()).toEqual(['Wen Ito', 'Rosa Marsh', 'Ana Lind']);
  await press('Columns');
  await press('Day', 'checkbox');
  await press('Kind', 'checkbox');
  expect(
    within(table())
      .getAllByRole('columnheader')
      .map((head) => head.textContent),
  ).toEqual(['Person', 'Fee ↑', 'Day']);
});

test('where columns find no room each row is a paragraph, in any order', async () => {
  widen(280);
  show(<TableSample />);
  const rows = () => within(screen.getByRole('list', { name: 'Touches' })).getAllByRole('listitem');
  await screen.findByRole('list', { name: 'Touches' });
  await press('Fee', 'checkbox');
  await press(/^Fee/, 'checkbox');
  expect(rows()[0]!.textContent).toMatch(/Wen Ito/);
});

test('a chart says what it shows in a sentence, and in figures', async () => {
  widen();
  show(<ChartSample />);
  expect(await screen.findByRole('img', { name: /between 0 and 15 a week/ })).toBeTruthy();
  await press('In figures');
  const table = await screen.findByRole('table', { name: /Touches made/ });
  const rows = within(table).getAllByRole('row');
  expect(rows[1]!.textContent).toBe('week 14');
});

test('progress says how far it is, and is called off', async () => {
  show(<ProgressSample />);
  expect(screen.getByText('Importing people: 7,400 of 20,000')).toBeTruthy();
  expect(
    screen.getByRole('progressbar', { name: 'Importing people' }).getAttribute('aria-valuenow'),
  ).toBe('37');
  await screen.findAllByText('Call it off');
  const [first] = screen.getAllByRole('button', { name: 'Call it off' });
  first!.click();
  expect(await screen.findByText('Importing people: 0 of 20,000')).toBeTruthy();
});

test('a toast takes back what was done', async () => {
  show(<ToastSample />);
  await press('Undo');
  expect(screen.getByText('Undone: Noted for Teodora Vance')).toBeTruthy();
});
