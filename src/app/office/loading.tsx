import { Loading } from '@/ui/primitives/Loading';

export default function OfficeLoading() {
  return <Loading what="this page" />;
}
