import { Loading } from '@/ui/primitives/Loading';

export default function PlanLoading() {
  return <Loading what="the plan" />;
}
