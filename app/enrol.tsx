export { EnrolScreen as default } from '@/client/cadences/enrol-screen';
