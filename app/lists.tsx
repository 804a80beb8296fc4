export { ListsScreen as default } from '@/client/settings/lists-screen';
