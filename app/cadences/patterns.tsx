export { PatternsScreen as default } from '@/client/cadences/patterns-screen';
