import { lazy } from 'react';

export default lazy(async () => ({
  default: (await import('@/client/messages/back-screen')).BackScreen,
}));
