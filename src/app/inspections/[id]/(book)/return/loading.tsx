import { Loading } from '@/ui/primitives/Loading';

export default function ReturnLoading() {
  return <Loading what="the return visit" />;
}
