export { TidyScreen as default } from '@/client/tidy/tidy-screen';
