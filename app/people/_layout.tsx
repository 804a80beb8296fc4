import { lazy } from 'react';

export default lazy(async () => ({
  default: (await import('@/client/people/people-frame')).PeopleFrame,
}));
