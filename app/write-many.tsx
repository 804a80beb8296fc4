import { lazy } from 'react';

export default lazy(async () => ({
  default: (await import('@/client/messages/write-many-screen')).WriteManyScreen,
}));
