import { HelperStation } from '@/ui/helper/HelperStation';

export default function Page() {
  return <HelperStation />;
}
