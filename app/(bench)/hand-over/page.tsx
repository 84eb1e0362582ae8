import { HandOverStation } from '@/ui/handover/HandOverStation';

export default function Page() {
  return <HandOverStation />;
}
