export { GapScreen as default } from '@/client/tidy/gap-screen';
