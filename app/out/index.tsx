import { lazy } from 'react';

export default lazy(async () => ({
  default: (await import('@/client/messages/out-screen')).OutScreen,
}));
