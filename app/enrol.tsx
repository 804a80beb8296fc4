export { EnrolScreen as default } from '@/client/cadences';
