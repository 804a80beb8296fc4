import { render, screen } from '@testing-library/react';

import { plainDate } from '@/core/time';

import { Standing } from './standing';

const due = plainDate('2026-11-25');

test.each([
  [33, 'fresh', '33 days left'],
  [0, 'soon', 'Due today'],
  [-1, 'slipping', 'One day over'],
  [-71, 'quiet', '71 days over'],
] as const)('slack %i, %s, is told in words', (slack, warmth, words) => {
  render(<Standing standing={{ promiseDays: 60, due, slack, warmth }} />);
  expect(screen.getByText(words)).toBeTruthy();
});

test('without a promise nothing is said', () => {
  const none = { promiseDays: null, due: null, slack: null, warmth: null };
  expect(render(<Standing standing={none} />).container.textContent).toBe('');
});
