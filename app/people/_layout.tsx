export { PeopleFrame as default } from '@/client/people/people-frame';
