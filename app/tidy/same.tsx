export { SameScreen as default } from '@/client/tidy/same-screen';
