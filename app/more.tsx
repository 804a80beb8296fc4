export { MoreScreen as default } from '@/client/settings/more-screen';
