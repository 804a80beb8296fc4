import { mergeAttributes, Node } from '@tiptap/core';
import { Image } from '@tiptap/extension-image';
import { Link } from '@tiptap/extension-link';
import { StarterKit } from '@tiptap/starter-kit';

import { fieldInBraces, fieldLabel } from '@/core/merge-fields';

interface FieldAttributes {
  field: string;
  fallback: string;
}

/** A merge field, one sign in the words. */
const MergeField = Node.create({
  name: 'mergeField',
  group: 'inline',
  inline: true,
  atom: true,
  addAttributes: () => ({
    field: { default: '', parseHTML: (el) => el.getAttribute('data-field') ?? '' },
    fallback: { default: '', parseHTML: (el) => el.getAttribute('data-fallback') ?? '' },
  }),
  parseHTML: () => [{ tag: 'span[data-field]' }],
  renderHTML({ node }) {
    const { field, fallback } = node.attrs as FieldAttributes;
    const shown = fieldLabel(field) + (fallback ? `, or “${fallback}”` : '');
    return ['span', { 'data-field': field, 'data-fallback': fallback }, shown];
  },
  renderText({ node }) {
    const { field, fallback } = node.attrs as FieldAttributes;
    return fieldInBraces(field, fallback);
  },
});

/** Paragraphs that stand there only for whoever has a value in a field. */
const OnlyIf = Node.create({
  name: 'onlyIf',
  group: 'block',
  content: '(paragraph|heading|bulletList|orderedList)+',
  defining: true,
  addAttributes: () => ({
    field: { default: '', parseHTML: (el) => el.getAttribute('data-only') ?? '' },
  }),
  parseHTML: () => [{ tag: 'div[data-only]' }],
  renderHTML({ node, HTMLAttributes }) {
    const { field } = node.attrs as { field: string };
    return [
      'div',
      mergeAttributes(HTMLAttributes, {
        'data-only': field,
        'data-label': `only where there is: ${fieldLabel(field)}`,
      }),
      0,
    ];
  },
});

/** A link in a line, or one that looks like a button. */
const AnyLink = Link.extend({
  addAttributes() {
    return {
      ...this.parent?.(),
      look: {
        default: null,
        parseHTML: (el: HTMLElement) => el.getAttribute('data-look'),
        renderHTML: ({ look }: { look?: string | null }) => (look ? { 'data-look': look } : {}),
      },
    };
  },
}).configure({ openOnClick: false, HTMLAttributes: { target: null, rel: null } });

/** What rich words may be made of. */
export const RICH_NODES = [
  StarterKit.configure({ heading: { levels: [2, 3] }, code: false, codeBlock: false, link: false }),
  AnyLink,
  // It may stand in a line, as in the HTML of e-mails.
  Image.configure({ inline: true }),
  MergeField,
  OnlyIf,
];
