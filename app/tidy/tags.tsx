export { TagsScreen as default } from '@/client/tidy/tags-screen';
