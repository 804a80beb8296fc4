import { lazy } from 'react';

export default lazy(async () => ({
  default: (await import('@/client/gaps/tags-screen')).TagsScreen,
}));
