import { keepFile } from '@/contract/files';
import { readLists } from '@/contract/lists';
import * as sample from '@/testing/samples';
import { fakeServer, press, screen, show, type, waitFor } from '@/testing/screen';
import userEvent from '@testing-library/user-event';

import { FilesAlong } from './files';
import RichField from './rich-field';

// What the simulated page lacks: where things are on it.
const nowhere = () => ({ x: 0, y: 0, width: 0, height: 0, top: 0, left: 0, right: 0, bottom: 0 });
Range.prototype.getClientRects = () => [] as unknown as DOMRectList;
Range.prototype.getBoundingClientRect = nowhere as never;
document.elementFromPoint = () => null;

const FILE = {
  id: sample.id(50),
  name: 'quay.png',
  type: 'image/png',
  size: 2048,
  width: 600,
};

/** Shows rich words; answers what they are by now. */
const open = async (html: string) => {
  const server = fakeServer()
    .answer(readLists, { role: [], standing: [], source: [], circle: [], tag: [], field: [] })
    .answer(keepFile, { file: FILE });
  let now = { html, plain: '' };
  show(<RichField html={html} onChange={(next, plain) => (now = { html: next, plain })} />);
  await screen.findByRole('textbox', { name: 'Words' });
  return { server, now: () => now };
};

test('fields stand there as signs, and come back as braces', async () => {
  const { now } = await open('<p>Dear {{ first_name | default: "you" }},</p>');
  screen.getByText('first name, or “you”');
  await press('Put in a field');
  await press('children');
  await waitFor(() => expect(now().html).toContain('{{ children }}'));
  expect(now().html).toContain('{{ first_name | default: "you" }}');
  expect(now().plain).toContain('{{ first_name | default: "you" }}');
});

test('paragraphs for whoever has a value only', async () => {
  const { now } = await open('<p>And the pets?</p>');
  await press('Only where …');
  await press('pets');
  await waitFor(() =>
    expect(now().html).toMatch(/^{% if pets %}<p>And the pets\?<\/p>{% endif %}/),
  );
  await press('For everybody again');
  await waitFor(() => expect(now().html).toMatch(/^<p>And the pets\?<\/p>/));
});

test('a button, with the page that is meant', async () => {
  const { now } = await open('<p>See</p>');
  await press('Button');
  await type('What it says', 'The list');
  await type('Where it leads', 'example.com/list');
  await press('Put it in');
  await waitFor(() => expect(now().html).toMatch(/<a[^>]*href="https:\/\/example.com\/list"/));
  expect(now().html).toContain('data-look="button"');
});

test('a picture of the owner’s, with what it shows', async () => {
  const { server, now } = await open('<p>See</p>');
  await press('Picture');
  await type('What it shows, for whoever can’t see it', 'The quay');
  await userEvent.upload(
    document.querySelector<HTMLInputElement>('input[type=file]')!,
    new File(['x'], 'quay.png', { type: 'image/png' }),
  );
  await waitFor(() => expect(now().html).toContain(`src="/api/files/${FILE.id}"`));
  expect(now().html).toContain('alt="The quay"');
  expect(server.sent(keepFile)).toEqual([{ name: 'quay.png', content: 'eA==', as: 'picture' }]);
});

test('what is far too large is not even sent', async () => {
  const server = fakeServer().answer(keepFile, { file: FILE });
  const kept: unknown[] = [];
  show(<FilesAlong files={[FILE]} onChange={(files) => kept.push(files)} />);
  screen.getByText('quay.png, 2 kB');
  const input = document.querySelector<HTMLInputElement>('input[type=file]')!;
  const film = new File(['x'], 'film.mp4');
  Object.defineProperty(film, 'size', { value: 30 * 1024 * 1024 });
  await userEvent.upload(input, film);
  await screen.findByText(/^film.mp4 is larger than 10 MB/);
  expect(server.sent(keepFile)).toEqual([]);
  await press('Remove quay.png');
  expect(kept).toEqual([[]]);
});
