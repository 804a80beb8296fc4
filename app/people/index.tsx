export { PeopleIndex as default } from '@/client/people/people-frame';
